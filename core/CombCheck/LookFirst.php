<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

use HoundCheck\Core\Coat\BodyPart;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Dog\Gear;

/** Where this dog is most likely matted, and why. Nothing is passed without the comb all the same. */
final readonly class LookFirst
{
    private const ALWAYS = [
        BodyPart::BehindEar,
        BodyPart::Armpit,
        BodyPart::Breeches,
        BodyPart::Tail,
        BodyPart::Forefoot,
        BodyPart::Hindfoot,
    ];

    /**
     * @param list<Gear> $gear worn day by day
     * @param array<string, Grade> $lastGrades of the visit before, by section id
     * @param array<string, mixed> $felt by section id where a hand felt something today
     * @param list<Section> $likely where this dog's own clock expects a mat
     *
     * @return array<string, non-empty-list<LookFirstReason>> by section id
     */
    public static function of(array $gear, bool $coatChange, bool $entireMale, array $lastGrades, array $felt = [], array $likely = []): array
    {
        $marks = [];
        foreach (Section::cases() as $section) {
            $part = $section->part();
            $reasons = array_values(array_filter([
                isset($felt[$section->value]) ? LookFirstReason::Felt : null,
                in_array($section, $likely, true) ? LookFirstReason::Clock : null,
                ...array_map(
                    fn(Gear $worn): ?LookFirstReason => in_array($part, $worn->rubs(), true) ? LookFirstReason::from($worn->value) : null,
                    $gear,
                ),
                ($lastGrades[$section->value] ?? null)?->isMatted() === true ? LookFirstReason::LastVisit : null,
                $entireMale && ($part === BodyPart::Belly || $part === BodyPart::Groin) ? LookFirstReason::EntireMale : null,
                in_array($part, self::ALWAYS, true) ? LookFirstReason::Always : null,
                $coatChange ? LookFirstReason::CoatChange : null,
            ]));
            if ($reasons !== []) {
                $marks[$section->value] = $reasons;
            }
        }

        return $marks;
    }
}
