<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/**
 * The comb check worked out beforehand, so that a screen without network can ask and answer by looking it up.
 *
 * Every combination of answers that can differ in grade is one step. A step's key is the comb's answer followed by
 * the relevant answers in the order of `fields()`, joined by `|`: an enum value, a band number (how many thresholds
 * the value reaches), `1` for tender, or `-` for not answered.
 */
final readonly class Guide
{
    private Grader $grader;

    private NextQuestion $next;

    public function __construct()
    {
        $this->grader = new Grader;
        $this->next = new NextQuestion($this->grader);
    }

    /** @return array<string, list<string>> by comb answer, the answers that the grade or the next question depends on */
    public function fields(): array
    {
        return [
            Comb::Glides->value => ['skinLine', 'fine'],
            Comb::Catches->value => ['skinLine'],
            Comb::Stops->value => ['skinLine', 'opens', 'mattedShare', 'largestMm', 'liftMm', 'tender'],
            Comb::CannotEnter->value => ['skinLine', 'mattedShare', 'liftMm'],
        ];
    }

    /** @return array<string, GuideStep> by key */
    public function steps(): array
    {
        $steps = [];
        foreach ($this->fields() as $comb => $fields) {
            $this->expand($comb, new CombCheck(comb: Comb::from($comb)), $fields, $steps);
        }

        return $steps;
    }

    public function stepFor(CombCheck $check): GuideStep
    {
        return new GuideStep($this->grader->grade($check), $this->next->after($check), $this->next->possibleGrades($check));
    }

    /**
     * @param list<string> $fields still to be fixed
     * @param array<string, GuideStep> $steps
     */
    private function expand(string $key, CombCheck $check, array $fields, array &$steps): void
    {
        if ($fields === []) {
            $steps[$key] = $this->stepFor($check);

            return;
        }
        $field = array_shift($fields);
        foreach ($this->values($field) as $code => $value) {
            $this->expand("{$key}|{$code}", $check->with([$field => $value]), $fields, $steps);
        }
    }

    /** @return array<int|string, mixed> a value for each code of the field */
    private function values(string $field): array
    {
        return match ($field) {
            'skinLine' => ['-' => null, ...$this->byValue(SkinLine::cases())],
            'opens' => ['-' => null, ...$this->byValue(Opens::cases())],
            'fine' => $this->byValue(FineComb::cases()),
            'tender' => ['-' => false, '1' => true],
            default => ['-' => null] + [0.0, ...AnswerBands::THRESHOLDS[$field]],
        };
    }

    /**
     * @param list<\BackedEnum> $cases
     *
     * @return array<int|string, \BackedEnum>
     */
    private function byValue(array $cases): array
    {
        return array_column($cases, null, 'value');
    }
}
