<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** The salon's places and how its days are reckoned: rules of thumb, starting values that a salon edits. */
final readonly class DayRules
{
    /**
     * @param int $tables that hold one dog each, as tubs and dryers do
     * @param array<string, float> $spreadByStep of the logarithm of a step's minutes, until a groomer's own clock knows better
     * @param array<string, float> $guessSpreadByStep comes to it until the dog has been combed and its plan is chosen
     * @param float $betweenPart of the table minutes that go from place to place: a word, a turn of the dog, water
     * @param float $answerMinutes the client's answer to a plan, the middle one
     * @param float $safeChance a promise is given, or a dog taken, where promises hold this often, 0–1
     * @param int $promiseEveryMinutes promises are given on such marks of the clock
     * @param float $newDogWeeks a dog that was never here is reckoned with as if it was combed out so long ago
     */
    public function __construct(
        public int $tables = 2,
        public int $tubs = 1,
        public int $dryers = 1,
        public array $spreadByStep = [
            'inspect' => 0.2,
            'answer' => 0.8,
            'brush' => 0.25,
            'bath' => 0.15,
            'dry' => 0.2,
            'check' => 0.2,
            'finish' => 0.25,
        ],
        public array $guessSpreadByStep = ['brush' => 0.18, 'dry' => 0.12, 'check' => 0.22, 'finish' => 0.1],
        public float $betweenPart = 0.08,
        public float $answerMinutes = 6.0,
        public float $safeChance = 0.9,
        public int $promiseEveryMinutes = 15,
        public float $newDogWeeks = 8.0,
    ) {}

    public function newDogDays(): int
    {
        return (int) round(7 * $this->newDogWeeks);
    }
}
