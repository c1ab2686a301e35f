<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\OwnerPlan;
use App\Models\Photo;
use App\Models\Staff;
use App\Models\Visit;
use App\Visits\PhotoSize;
use App\Visits\PhotoStore;
use Carbon\CarbonImmutable;
use HoundCheck\Core\CoreVersion;
use Illuminate\Support\Facades\DB;

/**
 * All that a salon knows of one dog, as `docs/formats/dossier.schema.json` has it: card and client, every ended visit with
 * its marks as they were recorded, the plans as they were shown, the rules they were made by, plans for home, photos.
 */
final readonly class DossierWriter
{
    public const FORMAT = 'hound-check/dossier';

    public const VERSION = 1;

    public function __construct(private PhotoStore $photos) {}

    /** @return array<string, mixed> */
    public function of(Dog $dog): array
    {
        $visits = Visit::query()->where('dog_id', $dog->id)->whereNotNull('closed_at')->orderBy('arrived_at')->orderBy('id')->get();
        $told = array_values($visits->map(fn(Visit $visit): array => $this->visit($visit))->all());
        $plans = array_values(
            OwnerPlan::query()->whereIn('visit_id', $visits->pluck('id'))->orderBy('created_at')->orderBy('id')->get()
                ->map($this->homePlan(...))->all(),
        );

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'writtenAt' => self::time(CarbonImmutable::now()),
            'salon' => (string) config('salon.name'),
            'timeZone' => (string) config('salon.timezone'),
            'core' => CoreVersion::CURRENT,
            'client' => $dog->client->told(),
            'dog' => self::card($dog),
            'people' => self::people($told, $plans),
            'houseRules' => self::rules($told),
            'visits' => $told,
            'homePlans' => $plans,
            'photos' => $this->photos(array_column($told, 'id')),
        ];
    }

    /** @return array<string, mixed> */
    public static function card(Dog $dog): array
    {
        $card = ['id' => $dog->id];
        foreach (Dog::FIELDS as $field => $column) {
            $value = $dog->getAttribute($column);
            $card[$field] = match (true) {
                $value instanceof \BackedEnum => $value->value,
                $value instanceof \DateTimeInterface => $value->format('Y-m-d'),
                $field === 'sectionMm' => (object) $value,
                default => $value,
            };
        }

        return $card;
    }

    /** Rules are known by what they say: the same have the same key in every salon. */
    public static function keyOf(HouseRulesVersion $rules): string
    {
        $sorted = $rules->rules;
        self::sort($sorted);

        return hash('sha256', (string) json_encode($sorted, JSON_THROW_ON_ERROR));
    }

    /** @return array<string, mixed> */
    private function visit(Visit $visit): array
    {
        $rules = HouseRulesVersion::query()->findOrFail($visit->house_rules_version);
        $plans = DB::table('shown_plans')->where('visit_id', $visit->id)->orderBy('created_at')->orderBy('id')->get();

        return [
            'id' => $visit->id,
            'day' => $visit->day->toDateString(),
            'arrivedAt' => self::time($visit->arrived_at),
            'promisedAt' => self::time($visit->first_promised_at),
            'rules' => self::keyOf($rules),
            'marks' => $visit->marks()->toBase()->get()->map(self::mark(...))->all(),
            'shownPlans' => $plans->map(fn(\stdClass $plan): array => [
                'id' => $plan->id,
                'coatCase' => json_decode($plan->coat_case, false, 64, JSON_THROW_ON_ERROR),
                'choices' => (object) json_decode($plan->choices, true, 64, JSON_THROW_ON_ERROR),
                'totals' => json_decode($plan->totals, false, 64, JSON_THROW_ON_ERROR),
                'rules' => self::keyOf(HouseRulesVersion::query()->whereKey((int) $plan->house_rules_version)->sole()),
                'core' => $plan->core_version,
                'at' => self::stored($plan->created_at),
            ])->all(),
        ];
    }

    /** @return array<string, mixed> */
    private static function mark(\stdClass $row): array
    {
        return [
            'id' => $row->id,
            'kind' => $row->kind,
            'section' => $row->section,
            'at' => self::stored($row->at),
            'deviceAt' => self::stored($row->device_at),
            'receivedAt' => self::stored($row->received_at),
            'by' => $row->staff_id,
            'device' => $row->device,
            'seen' => $row->seen === null ? null : (int) $row->seen,
            'payload' => json_decode($row->payload, false, 64, JSON_THROW_ON_ERROR),
        ];
    }

    /** @return array<string, mixed> */
    private function homePlan(OwnerPlan $plan): array
    {
        $shown = DB::table('owner_plans')->where('id', $plan->id)->value('shown');
        $ticks = DB::table('owner_ticks')->where('owner_plan_id', $plan->id)->orderBy('day')->orderBy('place')->get();

        return [
            'id' => $plan->id,
            'visit' => $plan->visit_id,
            'by' => $plan->staff_id,
            'shown' => json_decode((string) $shown, false, 64, JSON_THROW_ON_ERROR),
            'at' => self::time($plan->created_at),
            'until' => self::time($plan->expires_at),
            'withdrawnAt' => self::time($plan->withdrawn_at),
            'ticks' => $ticks->map(fn(\stdClass $tick): array => [
                'place' => $tick->place,
                'day' => substr($tick->day, 0, 10),
                'at' => self::stored($tick->told_at),
            ])->all(),
        ];
    }

    /**
     * Everybody whom the visits name.
     *
     * @param list<array<string, mixed>> $visits
     * @param list<array<string, mixed>> $plans
     *
     * @return list<array{id: string, name: string, role: string, salon: string}>
     */
    private static function people(array $visits, array $plans): array
    {
        $marks = array_merge(...array_column($visits, 'marks'));
        $named = array_filter(array_map(fn(array $mark): mixed => $mark['payload']->groomer ?? null, $marks), is_string(...));
        $ids = array_values(array_unique([...array_column($marks, 'by'), ...$named, ...array_column($plans, 'by')]));

        return array_values(Staff::query()->whereIn('id', $ids)->orderBy('id')->get()->map(fn(Staff $staff): array => [
            'id' => $staff->id,
            'name' => $staff->name,
            'role' => $staff->role->value,
            'salon' => $staff->of_salon === '' ? (string) config('salon.name') : $staff->of_salon,
        ])->all());
    }

    /**
     * @param list<array<string, mixed>> $visits
     *
     * @return list<array{key: string, rules: array<string, mixed>}>
     */
    private static function rules(array $visits): array
    {
        $keys = [...array_column($visits, 'rules'), ...array_column(array_merge(...array_column($visits, 'shownPlans')), 'rules')];
        $rules = [];
        foreach (HouseRulesVersion::query()->orderBy('version')->get() as $version) {
            $rules[self::keyOf($version)] ??= $version->rules;
        }
        $used = array_intersect_key($rules, array_flip($keys));
        ksort($used);

        return array_map(fn(string $key): array => ['key' => $key, 'rules' => $used[$key]], array_keys($used));
    }

    /**
     * @param list<string> $visits
     *
     * @return list<array<string, string>> photos whose picture is still there, with the files beside the dossier
     */
    private function photos(array $visits): array
    {
        $told = [];
        foreach (Photo::query()->whereIn('visit_id', $visits)->whereNull('deleted_at')->orderBy('id')->pluck('id') as $id) {
            $files = [];
            foreach (PhotoSize::cases() as $size) {
                $picture = $this->photos->read($id, $size);
                if ($picture !== null) {
                    $files[$size->value] = hash('sha256', $picture);
                }
            }
            if (count($files) === count(PhotoSize::cases())) {
                $told[] = ['id' => $id, ...$files];
            }
        }

        return $told;
    }

    private static function time(?CarbonImmutable $at): ?string
    {
        return $at?->utc()->format('Y-m-d\TH:i:s.v\Z');
    }

    /** As a column of the database has it, which is UTC. */
    private static function stored(?string $at): ?string
    {
        return $at === null ? null : (new \DateTimeImmutable($at, new \DateTimeZone('UTC')))->format('Y-m-d\TH:i:s.v\Z');
    }

    /** @param array<array-key, mixed> $tree */
    private static function sort(array &$tree): void
    {
        foreach ($tree as &$branch) {
            is_array($branch) ? self::sort($branch) : null;
        }
        unset($branch);
        array_is_list($tree) ? null : ksort($tree);
    }
}
