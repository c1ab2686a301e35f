<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Visits\OpenVisit;
use HoundCheck\Core\Coat\BladeCaution;
use HoundCheck\Core\Coat\Hold;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Coat\SmallBrush;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\Guide;
use HoundCheck\Core\CombCheck\LookFirst;
use HoundCheck\Core\CombCheck\LookFirstReason;
use HoundCheck\Core\Memory\Expected;
use HoundCheck\Core\Plan\Bars;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** The 30 sections of a visit: what the comb found, the grade in force, how to hold and with what, and where to look first. */
final readonly class VisitSectionsJson
{
    /**
     * @param Collection<string, string> $names of the staff, by id
     * @param Collection<string, \stdClass> $lastTimes of the visit before, by section id
     * @param Expected|null $expected by the dog's clock
     */
    private function __construct(
        private OpenVisit $open,
        private Collection $names,
        private Guide $guide,
        private Collection $lastTimes,
        private ?Expected $expected,
    ) {}

    /**
     * @param Collection<string, string> $names of the staff, by id
     * @param string $lastGrades of the visit before, one character a section; empty without one
     * @param string|null $lastVisit the id of that visit
     * @param Expected|null $expected by the dog's clock
     *
     * @return array<string, array<string, mixed>> by section id
     */
    public static function of(OpenVisit $open, Collection $names, string $lastGrades, ?string $lastVisit, ?Expected $expected): array
    {
        $times = $lastVisit === null
            ? collect()
            : DB::table('work_times')
                ->where('visit_id', $lastVisit)
                ->whereNotNull('opened_with')
                ->get(['section', 'minutes', 'opened_with']);

        return (new self($open, $names, new Guide, $times->keyBy('section'), $expected))->sections(self::gradesOf($lastGrades));
    }

    /**
     * @param array<string, Grade> $lastGrades by section id
     *
     * @return array<string, array<string, mixed>>
     */
    private function sections(array $lastGrades): array
    {
        $dog = $this->open->state->dog();
        $lookFirst = LookFirst::of(
            $this->open->state->arrival->answers->gear ?? [],
            $dog->isInCoatChange(),
            $this->open->state->arrival->cameIn()->what->entireMale,
            $lastGrades,
            $this->open->state->combed->felt,
            $this->expected?->likeliest() ?? [],
        );
        $senior = $dog->ageGroup()->isSenior();
        $notOnItsBack = $this->open->state->arrival->neverOnTheBack();
        $sections = [];
        // What an answer leads to is long in the reckoning, and most places have the same.
        $steps = [];
        foreach (Section::cases() as $section) {
            $id = $section->value;
            $check = $this->open->atInspection->case->reading($section)->check;
            $steps[serialize($check)] ??= GuideJson::step($this->guide->stepFor($check));
            $tools = $this->open->report->toolsAt($section);
            $sections[$id] = [
                ...$steps[serialize($check)],
                ...$this->check($section),
                'leaveAlone' => Bars::isLeftAlone($this->open->atInspection->case->reading($section)),
                'lengthMm' => $dog->lengthMm($section),
                'holds' => array_column(Hold::for($section, $senior, $notOnItsBack, $dog->breathesHard()), 'value'),
                'bladeCaution' => BladeCaution::at($section)?->value,
                'tools' => [
                    'brush' => $tools->brush->value,
                    'fineComb' => $tools->fineComb,
                    'reason' => $tools->reason->value,
                    'small' => SmallBrush::for($dog->weightKg, $section->part())?->value,
                ],
                'direction' => $this->open->rules->schools->direction->at($section->part())->value,
                'lookFirst' => array_map(fn(LookFirstReason $reason): string => $reason->value, $lookFirst[$id] ?? []),
                'matChance' => $this->expected?->matChance($section),
                'felt' => $this->open->state->combed->felt[$id] ?? null,
                'lastGrade' => ($lastGrades[$id] ?? null)?->value,
                'lastTime' => $this->lastTime($id),
            ];
        }

        return $sections;
    }

    /** @return array<string, mixed> */
    private function check(Section $section): array
    {
        $recorded = $this->open->state->combed->checks[$section->value] ?? null;

        return [
            'inForce' => $this->open->atInspection->grade($section)?->value,
            'own' => $this->own($section),
            'check' => $recorded === null ? null : array_map(
                fn(mixed $value): mixed => $value instanceof \BackedEnum ? $value->value : $value,
                get_object_vars($recorded->what->check),
            ),
            'checkedAt' => Iso::of($recorded?->at),
            'checkedBy' => $recorded === null ? null : ($this->names[$recorded->by] ?? ''),
        ];
    }

    /** @return array<string, mixed>|null the groomer's own grade, whether it holds or not */
    private function own(Section $section): ?array
    {
        $judged = $this->open->state->combed->judged[$section->value] ?? null;

        $own = $judged?->what->own;

        return $judged === null || $own === null ? null : [
            'id' => $judged->id,
            'grade' => $own->grade->value,
            'instead' => $own->instead->value,
            'reason' => $own->reason,
            'by' => $this->names[$judged->by] ?? '',
            'at' => Iso::of($judged->at),
        ];
    }

    /** @return array<string, mixed>|null what opened its mats at the visit before, and in how long */
    private function lastTime(string $id): ?array
    {
        $time = $this->lastTimes[$id] ?? null;

        return $time === null ? null : ['openedWith' => $time->opened_with, 'minutes' => (float) $time->minutes];
    }

    /** @return array<string, Grade> by section id */
    private static function gradesOf(string $row): array
    {
        $grades = [];
        foreach (Section::cases() as $index => $section) {
            $character = $row[$index] ?? '-';
            if (ctype_digit($character)) {
                $grades[$section->value] = Grade::from((int) $character);
            }
        }

        return $grades;
    }
}
