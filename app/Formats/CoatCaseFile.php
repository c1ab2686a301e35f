<?php

declare(strict_types=1);

namespace App\Formats;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Comb;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\FineComb;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\Opens;
use HoundCheck\Core\CombCheck\OwnGrade;
use HoundCheck\Core\CombCheck\SkinLine;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\House\Kit;
use HoundCheck\Core\Marks\Kinds\Arrived;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\SectionReading;

/** Reads and writes the open coat case format (`docs/formats/coat-case.schema.json`). */
final class CoatCaseFile
{
    public const FORMAT = 'hound-check/coat-case';

    /**
     * @param Kit $salonKit used when the file names no kit of its own
     *
     * @throws UnreadableFile
     */
    public function read(string $json, Kit $salonKit): CoatCase
    {
        return $this->toCase((new Schema('coat-case'))->read($json, $this->emptyListsAsObjects(...)), $salonKit);
    }

    /** @return array<string, mixed> what `read()` reads back to the same case */
    public function write(CoatCase $case): array
    {
        $dog = $case->dog;

        return [
            'format' => self::FORMAT,
            'version' => 1,
            'dog' => [
                'weight_kg' => $dog->weightKg,
                'coat' => $dog->coat->value,
                'primitive' => $dog->primitive,
                'coat_mm' => $dog->coatMm,
                'section_mm' => (object) $dog->sectionMm,
                'age_months' => $dog->ageMonths,
                'temperament' => $dog->temperament->value,
                'health' => array_map(fn(HealthFact $fact): string => $fact->value, $dog->health),
                ...array_filter([
                    'moult' => $dog->moult,
                    'stands_minutes' => $dog->standsMinutes,
                    'first_groom' => $dog->firstGroom,
                    'wary' => $dog->wary,
                    'lies_down' => $dog->liesDown,
                    'in_season' => $dog->inSeason,
                ]),
            ],
            'kit' => ['blades_mm' => $case->kit->bladesMm, 'guards_mm' => $case->kit->guardsMm],
            'slot_minutes' => $case->slotMinutes,
            'consent' => $case->consent->value,
            ...array_filter([
                'wanted_mm' => $case->wantedMm,
                'wanted_by_part' => $case->wantedByPart,
                'prized' => array_column($case->prized, 'value'),
            ]),
            'sections' => (object) array_map($this->writeReading(...), $case->sections),
        ];
    }

    private function emptyListsAsObjects(mixed $data): mixed
    {
        Schema::emptyListAsObject($data, 'sections');
        Schema::emptyListAsObject($data->dog ?? null, 'section_mm');
        $sections = $data->sections ?? null;
        if (is_object($sections)) {
            foreach (array_keys(get_object_vars($sections)) as $section) {
                Schema::emptyListAsObject($sections, $section);
            }
        }

        return $data;
    }

    /** @param array<string, mixed> $data valid by the schema */
    private function toCase(array $data, Kit $salonKit): CoatCase
    {
        $dog = $data['dog'];

        return new CoatCase(
            new Dog(
                (float) $dog['weight_kg'],
                CoatType::from($dog['coat']),
                $dog['primitive'] ?? false,
                (float) $dog['coat_mm'],
                array_map(floatval(...), $dog['section_mm'] ?? []),
                $dog['age_months'],
                Temperament::from($dog['temperament']),
                array_values(array_map(HealthFact::from(...), $dog['health'] ?? [])),
                $dog['moult'] ?? false,
                isset($dog['stands_minutes']) ? (float) $dog['stands_minutes'] : null,
                $dog['first_groom'] ?? false,
                $dog['wary'] ?? false,
                $dog['lies_down'] ?? false,
                $dog['in_season'] ?? false,
            ),
            isset($data['kit'])
                ? new Kit(
                    array_values(array_map(floatval(...), $data['kit']['blades_mm'])),
                    array_values(array_map(floatval(...), $data['kit']['guards_mm'])),
                )
                : $salonKit,
            $data['slot_minutes'] ?? Arrived::SLOT_MINUTES,
            ClipConsent::from($data['consent'] ?? ClipConsent::Ask->value),
            array_map($this->readReading(...), $data['sections']),
            wantedMm: isset($data['wanted_mm']) ? (float) $data['wanted_mm'] : null,
            prized: array_values(array_map(Section::from(...), $data['prized'] ?? [])),
            wantedByPart: array_map(floatval(...), $data['wanted_by_part'] ?? []),
        );
    }

    /** @param array<string, mixed> $reading */
    private function readReading(array $reading): SectionReading
    {
        return new SectionReading(
            new CombCheck(
                isset($reading['comb']) ? Comb::from($reading['comb']) : null,
                isset($reading['skin_line']) ? SkinLine::from($reading['skin_line']) : null,
                FineComb::from($reading['fine'] ?? FineComb::NotUsed->value),
                isset($reading['opens']) ? Opens::from($reading['opens']) : null,
                isset($reading['matted_share']) ? (float) $reading['matted_share'] : null,
                isset($reading['largest_mm']) ? (float) $reading['largest_mm'] : null,
                isset($reading['lift_mm']) ? (float) $reading['lift_mm'] : null,
                $reading['tender'] ?? false,
            ),
            self::findings($reading['findings'] ?? []),
            isset($reading['own_grade'])
                ? new OwnGrade(
                    Grade::from($reading['own_grade']['grade']),
                    Grade::from($reading['own_grade']['instead']),
                    $reading['own_grade']['reason'],
                )
                : null,
            $reading['blade_stops'] ?? false,
            self::findings($reading['spots'] ?? []),
        );
    }

    /**
     * @param list<string> $codes
     *
     * @return list<FindingKind>
     */
    private static function findings(array $codes): array
    {
        return array_values(array_filter(array_map(FindingKind::fromCode(...), $codes)));
    }

    private function writeReading(SectionReading $reading): object
    {
        $check = $reading->check;

        return (object) array_filter([
            'comb' => $check->comb?->value,
            'skin_line' => $check->skinLine?->value,
            'fine' => $check->fine === FineComb::NotUsed ? null : $check->fine->value,
            'opens' => $check->opens?->value,
            'matted_share' => $check->mattedShare,
            'largest_mm' => $check->largestMm,
            'lift_mm' => $check->liftMm,
            'tender' => $check->tender ?: null,
            'findings' => array_column($reading->findings, 'value') ?: null,
            'spots' => array_column($reading->spots, 'value') ?: null,
            'blade_stops' => $reading->bladeStops ?: null,
            'own_grade' => $reading->own === null
                ? null
                : ['grade' => $reading->own->grade->value, 'instead' => $reading->own->instead->value, 'reason' => $reading->own->reason],
        ], fn(mixed $value): bool => $value !== null);
    }
}
