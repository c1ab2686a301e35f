<?php

declare(strict_types=1);

namespace HoundCheck\Core\Owner;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\OpenFinding;

/** A place that nobody brushes at home: something on the skin there is open, or a mat was not opened. */
final readonly class RestingPlace
{
    /** What keeps the owner's brush away until the finding is closed. */
    private const FINDINGS = [
        FindingKind::OpenSkin, FindingKind::Swelling, FindingKind::HotSpot, FindingKind::Moist, FindingKind::Bruise, FindingKind::Redness,
        FindingKind::Growth, FindingKind::Scab, FindingKind::Pain, FindingKind::HairLoss, FindingKind::MitesOrLice, FindingKind::Tick,
        FindingKind::VetClip, FindingKind::Maggots,
    ];

    /** Redness from our own work rests so long. */
    public const REDNESS_DAYS = 3;

    /** @param FindingKind|null $kind null: a mat that was not opened */
    private function __construct(public Section $section, public ?FindingKind $kind) {}

    public static function keepsAway(FindingKind $kind): bool
    {
        return in_array($kind, self::FINDINGS, true);
    }

    /**
     * @param list<Section> $sections where a mat was left
     *
     * @return list<self>
     */
    public static function mats(array $sections): array
    {
        return array_map(fn(Section $section): self => new self($section, null), $sections);
    }

    /**
     * @param array<string, list<OpenFinding>> $open open findings by section id, spots among them
     *
     * @return list<self> one for each place and kind
     */
    public static function found(array $open): array
    {
        $resting = [];
        foreach (Section::cases() as $section) {
            foreach ($open[$section->value] ?? [] as $finding) {
                if (self::keepsAway($finding->kind)) {
                    $resting["{$section->value} {$finding->kind->value}"] = new self($section, $finding->kind);
                }
            }
        }

        return array_values($resting);
    }
}
