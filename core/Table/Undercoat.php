<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\House\TableRules;
use HoundCheck\Core\Marks\Kinds\RakePassed;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Words\Rake;

/**
 * Undercoat work at one place: wide rake, then fine, until the coat stops giving.
 *
 * It has stopped when the last pass of a rake brought out no more than a part of that rake's best pass; and after a
 * number of passes it stops whatever it gives, since the same place is never gone over again and again.
 */
final readonly class Undercoat
{
    /** @param list<Mark<RakePassed>> $passes in order */
    public function __construct(private array $passes, private TableRules $rules) {}

    /** A double coat always, and in moult every other coat that has undercoat. */
    public static function isRaked(Dog $dog): bool
    {
        return $dog->coat === CoatType::Double || $dog->moults();
    }

    public function hasStoppedGiving(Rake $rake): bool
    {
        $yields = $this->yields($rake);

        return count($yields) > 0 && (end($yields) <= $this->rules->yieldStops * max($yields) || max($yields) === 0.0);
    }

    public function next(): UndercoatAdvice
    {
        return match (true) {
            $this->isFinished(Rake::Fine) => UndercoatAdvice::Stop,
            $this->yields(Rake::Fine) === [] && $this->isFinished(Rake::Wide) => UndercoatAdvice::ChangeToFine,
            default => UndercoatAdvice::RakeOn,
        };
    }

    /** The rake for the next pass. */
    public function rake(): Rake
    {
        return $this->yields(Rake::Fine) !== [] || $this->isFinished(Rake::Wide) ? Rake::Fine : Rake::Wide;
    }

    private function isFinished(Rake $rake): bool
    {
        return $this->hasStoppedGiving($rake) || count($this->yields($rake)) >= $this->rules->mostPasses;
    }

    /** @return list<float> handfuls of each pass */
    private function yields(Rake $rake): array
    {
        $passes = array_filter($this->passes, fn(Mark $pass): bool => $pass->what->rake === $rake);

        return array_values(array_map(fn(Mark $pass): float => $pass->what->handfuls, $passes));
    }
}
