<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Clients\NameIndex;
use App\Database\OneByOne;
use App\Models\Client;
use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\Staff;
use App\Models\StoredMark;
use App\Models\Visit;
use App\Visits\MemoryBook;
use App\Visits\PhotoSize;
use App\Visits\PhotoStore;
use App\Visits\UnusablePhoto;
use App\Visits\VisitMarks;
use App\Visits\VisitProjection;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Arrival\VisitHasNotArrived;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Marks\UnreadableMark;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/**
 * Reads a dog in that comes from another salon, with all its ids: what is new is added, what is known is left alone, and
 * nothing that was recorded here is altered.
 */
final readonly class DossierDesk
{
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
                // Its people, rules and client may be those of other dogs, too.
                OneByOne::everything();
                $plan = DossierPlan::of($says);
                $this->people($says);
                self::refuseUnnamed($says);
                $rules = $this->rules($says);
                $dog = $plan->dog ?? $this->dog($says, $client);
                if ($plan->dog !== null && $takesCard) {
                    $dog->fill(DossierRows::card($says->dog));
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

            throw match (true) {
                $isOfTheFile => DossierRefused::unreadable($failure->getMessage()),
                // What is here already was refused before: the file says it twice.
                $failure instanceof UniqueConstraintViolationException => DossierRefused::unreadable('an id stands there twice'),
                default => $failure,
            };
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
                DB::table('staff')->insert(DossierRows::person($person, $now));
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
                $read = json_decode((string) json_encode($rules->rules, DossierRows::FLAGS), true);
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
        $owner = Client::query()->whereKey($client ?? $says->client->id)->first()
            ?? Client::query()->create(DossierRows::client($says->client));

        return Dog::query()->create(['id' => $says->dog->id, 'client_id' => $owner->id, ...DossierRows::card($says->dog)]);
    }

    /** @param array<string, int> $rules */
    private function visit(\stdClass $says, Dog $dog, array $rules): Visit
    {
        $version = fn(string $key): int => $rules[$key] ?? throw DossierRefused::unreadable("visits {$says->id}: no rules {$key}");
        $visit = Visit::query()->create(DossierRows::visit($says, $dog->id, $version($says->rules)));
        $rows = array_map(fn(\stdClass $mark): array => DossierRows::mark($mark, $visit->id), $says->marks);
        foreach (array_chunk($rows, self::ROWS_AT_ONCE) as $some) {
            StoredMark::query()->insert($some);
        }
        foreach ($says->shownPlans as $plan) {
            DB::table('shown_plans')->insert(DossierRows::shownPlan($plan, $visit->id, $version($plan->rules)));
        }

        return $visit;
    }

    /** @param list<string> $new ids of visits that come in */
    private function homePlans(\stdClass $says, Dog $dog, array $new): void
    {
        foreach ($says->homePlans as $plan) {
            if (! in_array($plan->visit, $new, true) || DB::table('owner_plans')->where('id', $plan->id)->exists()) {
                continue;
            }
            DB::table('owner_plans')->insert(DossierRows::homePlan($plan, $dog->id));
            DB::table('owner_ticks')->insert(DossierRows::ticks($plan));
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
}
