<?php

declare(strict_types=1);

namespace App\Dossier;

use App\Clients\NameIndex;
use App\Memory\MemoryBook;
use App\Models\Client;
use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\Staff;
use App\Models\StoredMark;
use App\Models\Visit;
use App\Photos\PhotoSize;
use App\Photos\PhotoStore;
use App\Photos\UnusablePhoto;
use App\Visits\VisitMarks;
use App\Visits\VisitProjection;
use Carbon\CarbonImmutable;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Visit\MarkKind;
use HoundCheck\Core\Visit\Stage;
use HoundCheck\Core\Visit\VisitHasNotArrived;
use Illuminate\Support\Facades\DB;

/**
 * Reads a dog in that comes from another salon, with all its ids: what is new is added, what is known is left alone, and
 * nothing that was recorded here is altered.
 */
final readonly class DossierDesk
{
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION;

    private const MARK_TIME = 'Y-m-d H:i:s.v';

    private const TIME = 'Y-m-d H:i:s';

    private const ROWS_AT_ONCE = 100;

    public function __construct(
        private VisitProjection $projection,
        private MemoryBook $memory,
        private PhotoStore $photos,
    ) {}

    /**
     * @param string|null $client who the dog belongs to here; null: whom the dossier names
     * @param bool $takesCard the dossier's card counts where the two differ
     *
     * @throws DossierRefused
     */
    public function read(DossierFile $file, ?string $client, bool $takesCard): Dog
    {
        $kept = [];
        try {
            return DB::transaction(function () use ($file, $client, $takesCard, &$kept): Dog {
                $says = $file->says;
                $plan = DossierPlan::of($says);
                $this->people($says);
                self::refuseUnnamed($says);
                $rules = $this->rules($says);
                $dog = $plan->dog ?? $this->dog($says, $client);
                if ($plan->dog !== null && $takesCard) {
                    $dog->fill(self::columns($says->dog));
                }
                $new = array_values(array_filter($says->visits, fn(\stdClass $visit): bool => in_array($visit->id, $plan->new, true)));
                $visits = array_map(fn(\stdClass $visit): Visit => $this->visit($visit, $dog, $rules), $new);
                $this->homePlans($says, $dog, $plan->new);
                foreach ($says->photos as $photo) {
                    $kept[] = $this->photo($file, $photo->id, $plan->new, $says);
                }
                $this->tellAnew($dog);
                foreach ($visits as $visit) {
                    $visit->refresh()->closed_at !== null || throw DossierRefused::unreadable("visits {$visit->id}: has not ended");
                }
                $dog->moveOn();
                $this->memory->renew($dog->id);
                (new NameIndex)->putDog($dog->load('client'));

                return $dog;
            });
        } catch (\Throwable $failure) {
            // What was stored is rolled back; nothing may be left of the pictures either.
            array_map($this->photos->erase(...), array_filter($kept));
            $isOfTheFile = $failure instanceof UnreadableMark
                || $failure instanceof UnusablePhoto
                || $failure instanceof VisitHasNotArrived;

            throw $isOfTheFile ? DossierRefused::unreadable($failure->getMessage()) : $failure;
        }
    }

    /**
     * Lists of all its visits: what an earlier one left open counts at a later one that was here before. Oldest first, since a
     * finding has to stand before a later visit can close it.
     */
    private function tellAnew(Dog $dog): void
    {
        foreach (Visit::query()->where('dog_id', $dog->id)->orderBy('arrived_at')->orderBy('id')->get() as $visit) {
            $this->projection->write(VisitMarks::load($visit));
        }
    }

    private function people(\stdClass $says): void
    {
        $known = Staff::query()->whereIn('id', array_column($says->people, 'id'))->pluck('id')->all();
        $now = CarbonImmutable::now();
        foreach ($says->people as $person) {
            if (! in_array($person->id, $known, true)) {
                // No password opens it: a record names them, and that is all.
                DB::table('staff')->insert([
                    'id' => $person->id,
                    'name' => $person->name,
                    'role' => $person->role,
                    'password' => '-',
                    'active' => false,
                    'of_salon' => $person->salon,
                    'created_at' => $now,
                    'updated_at' => $now,
                ]);
            }
        }
    }

    /** Whoever recorded something is among the people of the dossier, or known here. */
    private static function refuseUnnamed(\stdClass $says): void
    {
        $by = array_column($says->homePlans, 'by');
        foreach ($says->visits as $visit) {
            array_push($by, ...array_column($visit->marks, 'by'));
        }
        $unnamed = array_diff(array_unique($by), Staff::query()->whereIn('id', array_unique($by))->pluck('id')->all());
        if ($unnamed !== []) {
            throw DossierRefused::unreadable('people: nobody is called '.reset($unnamed));
        }
    }

    /**
     * Rules that are known here by what they say keep their version; others come in below zero, where none is ever in force.
     *
     * @return array<string, int> version by key
     */
    private function rules(\stdClass $says): array
    {
        $versions = [];
        foreach (HouseRulesVersion::query()->orderByDesc('version')->get() as $version) {
            $versions[DossierWriter::keyOf($version)] = $version->version;
        }
        $next = min(0, (int) HouseRulesVersion::query()->min('version')) - 1;
        foreach ($says->houseRules as $rules) {
            if (! isset($versions[$rules->key])) {
                $read = json_decode((string) json_encode($rules->rules, self::FLAGS), true);
                $version = new HouseRulesVersion(['version' => $next, 'rules' => $read, 'created_at' => CarbonImmutable::now()]);
                try {
                    HouseRules::fromArray($read);
                } catch (\Throwable $unusable) {
                    throw DossierRefused::unreadable("houseRules {$rules->key}: {$unusable->getMessage()}");
                }
                if (DossierWriter::keyOf($version) !== $rules->key) {
                    throw DossierRefused::unreadable("houseRules {$rules->key}: the key is not that of these rules");
                }
                $version->save();
                $versions[$rules->key] = $next--;
            }
        }

        return $versions;
    }

    private function dog(\stdClass $says, ?string $client): Dog
    {
        $owner = Client::query()->whereKey($client ?? $says->client->id)->first() ?? Client::query()->create([
            'id' => $says->client->id,
            'name' => $says->client->name,
            'phone' => $says->client->phone,
            'email' => $says->client->email,
            'language' => $says->client->language,
            'photos_allowed' => $says->client->photosAllowed,
        ]);

        return Dog::query()->create(['id' => $says->dog->id, 'client_id' => $owner->id, ...self::columns($says->dog)]);
    }

    /** @return array<string, mixed> */
    private static function columns(\stdClass $card): array
    {
        $columns = [];
        foreach (Dog::FIELDS as $field => $column) {
            $columns[$column] = $card->{$field} instanceof \stdClass ? (array) $card->{$field} : $card->{$field};
        }

        return $columns;
    }

    /** @param array<string, int> $rules */
    private function visit(\stdClass $says, Dog $dog, array $rules): Visit
    {
        $version = fn(string $key): int => $rules[$key] ?? throw DossierRefused::unreadable("visits {$says->id}: no rules {$key}");
        $visit = Visit::query()->create([
            'id' => $says->id,
            'dog_id' => $dog->id,
            'house_rules_version' => $version($says->rules),
            'day' => $says->day,
            'arrived_at' => self::at($says->arrivedAt, self::TIME),
            'promised_at' => self::at($says->promisedAt, self::TIME),
            'first_promised_at' => self::at($says->promisedAt, self::TIME),
            'stage' => Stage::Arrived,
            'grades' => str_repeat('-', 30),
            'to_check' => 30,
            'undecided' => 0,
            'mat_load' => 0,
            'table_minutes' => 0,
            'tension' => 0,
            'tolerance' => 0,
        ]);
        $rows = array_map(fn(\stdClass $mark): array => self::mark($mark, $visit->id), $says->marks);
        foreach (array_chunk($rows, self::ROWS_AT_ONCE) as $some) {
            StoredMark::query()->insert($some);
        }
        foreach ($says->shownPlans as $plan) {
            DB::table('shown_plans')->insert([
                'id' => $plan->id,
                'visit_id' => $visit->id,
                'coat_case' => json_encode($plan->coatCase, self::FLAGS),
                'choices' => json_encode($plan->choices, self::FLAGS),
                'totals' => json_encode($plan->totals, self::FLAGS),
                'house_rules_version' => $version($plan->rules),
                'core_version' => $plan->core,
                'created_at' => self::at($plan->at, self::TIME),
            ]);
        }

        return $visit;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws UnreadableMark
     */
    private static function mark(\stdClass $mark, string $visitId): array
    {
        $payload = json_encode((object) $mark->payload, self::FLAGS);
        $kind = MarkKind::tryFrom($mark->kind) ?? throw DossierRefused::unreadable("marks {$mark->id}: {$mark->kind} is not known here");
        // Read once as every reader will: what makes no sense is not let in.
        $kind->read(
            $mark->id,
            $mark->section,
            new \DateTimeImmutable($mark->at),
            $mark->by,
            json_decode($payload, true, flags: JSON_THROW_ON_ERROR),
            $mark->device,
            true,
        );

        return [
            'id' => $mark->id,
            'visit_id' => $visitId,
            'kind' => $mark->kind,
            'section' => $mark->section,
            'at' => self::at($mark->at, self::MARK_TIME),
            'device_at' => self::at($mark->deviceAt, self::MARK_TIME),
            'received_at' => self::at($mark->receivedAt, self::MARK_TIME),
            'staff_id' => $mark->by,
            'device' => $mark->device,
            'payload' => $payload,
        ];
    }

    /** @param list<string> $new ids of visits that come in */
    private function homePlans(\stdClass $says, Dog $dog, array $new): void
    {
        foreach ($says->homePlans as $plan) {
            if (! in_array($plan->visit, $new, true) || DB::table('owner_plans')->where('id', $plan->id)->exists()) {
                continue;
            }
            DB::table('owner_plans')->insert([
                'id' => $plan->id,
                'dog_id' => $dog->id,
                'visit_id' => $plan->visit,
                'staff_id' => $plan->by,
                'shown' => json_encode($plan->shown, self::FLAGS),
                'created_at' => self::at($plan->at, self::TIME),
                'expires_at' => self::at($plan->until, self::TIME),
                'withdrawn_at' => self::at($plan->withdrawnAt, self::TIME),
            ]);
            DB::table('owner_ticks')->insert(array_map(fn(\stdClass $tick): array => [
                'owner_plan_id' => $plan->id,
                'place' => $tick->place,
                'day' => $tick->day,
                'told_at' => self::at($tick->at, self::TIME),
            ], $plan->ticks));
        }
    }

    /**
     * @param list<string> $new ids of visits that come in
     *
     * @return string|null its id where its picture was kept now
     *
     * @throws DossierRefused
     */
    private function photo(DossierFile $file, string $id, array $new, \stdClass $says): ?string
    {
        $visits = array_filter($says->visits, fn(\stdClass $visit): bool => in_array($visit->id, $new, true));
        foreach ($visits as $visit) {
            if (in_array($id, array_column($visit->marks, 'id'), true)) {
                [$full, $thumbnail] = [$file->picture($id, PhotoSize::Full), $file->picture($id, PhotoSize::Thumbnail)];
                $this->photos->keep($id, $this->photos->asKept($full, $thumbnail));

                return $id;
            }
        }

        return null;
    }

    private static function at(?string $iso, string $format): ?string
    {
        return $iso === null ? null : (new \DateTimeImmutable($iso))->setTimezone(new \DateTimeZone('UTC'))->format($format);
    }
}
