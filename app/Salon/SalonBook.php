<?php

declare(strict_types=1);

namespace App\Salon;

use App\Database\OneByOne;
use App\Database\Salons;
use App\Models\SalonVersion;
use App\Models\Staff;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/** Where what the salon says of itself is written: added, never changed, one after the other. */
final readonly class SalonBook
{
    public function __construct(private Application $app, private Salons $salons) {}

    /** What was written counts from here on; before anything is, `.env` does. The demo's time zone follows the hour. */
    public function apply(): void
    {
        try {
            $current = SalonVersion::current();
        } catch (QueryException $failure) {
            // Before the first migration there is nothing to read, and a command mends a database that cannot be read. A request
            // must not go on by other settings than the salon's: its day might be another.
            $isAbsent = str_contains($failure->getMessage(), 'no such table') || str_contains($failure->getMessage(), 'does not exist');
            if ($isAbsent || $this->app->runningInConsole()) {
                return;
            }

            throw $failure;
        }
        if ($current === null) {
            return;
        }
        $zone = config('salon.timezone');
        Salon::fromArray($current->says)->apply();
        config(['salon.demo' => $current->is_demo, ...($current->is_demo ? ['salon.timezone' => $zone] : [])]);
    }

    /** What this database is, said once and before anything else is in it. */
    public function begin(Salon $salon, bool $isDemo, ?Staff $by = null): SalonVersion
    {
        return $this->write(1, $salon, $isDemo, $by);
    }

    /**
     * @param int $base the version that was seen when changing; 0: nothing was written yet
     *
     * @throws SalonMovedOn when somebody else wrote a version since
     */
    public function change(int $base, Salon $salon, Staff $by): SalonVersion
    {
        return DB::transaction(function () use ($base, $salon, $by): SalonVersion {
            OneByOne::on('salon');
            $current = SalonVersion::current();
            if (($current->version ?? 0) !== $base) {
                throw SalonMovedOn::by($current->staff->name ?? '');
            }
            if ($current !== null && Salon::fromArray($current->says)->toArray() === $salon->toArray()) {
                return $current;
            }
            $version = $this->write($base + 1, $salon, $current->is_demo ?? (bool) config('salon.demo'), $by);
            $this->apply();

            return $version;
        });
    }

    private function write(int $version, Salon $salon, bool $isDemo, ?Staff $by): SalonVersion
    {
        $this->salons->isCalled($salon->name);

        return SalonVersion::query()->create([
            'version' => $version,
            'is_demo' => $isDemo,
            'says' => $salon->toArray(),
            'staff_id' => $by?->id,
            'created_at' => CarbonImmutable::now(),
        ]);
    }
}
