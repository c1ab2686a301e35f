<?php

declare(strict_types=1);

namespace App\Salon;

use App\Clients\NotSent;
use App\Clients\Sender;
use App\Database\Sorting;
use App\Models\StoredMark;
use App\Salon\Backup\BackupFailed;
use App\Salon\Backup\BackupShelf;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** How the installation is: what it needs to be able to work tomorrow. Tells no names and no figures of the salon. */
final readonly class Health
{
    private const HEARTBEAT = 'schedule.last-run';

    /** The schedule runs every minute; a computer that sleeps at night is not ill. */
    private const SCHEDULE_MINUTES = 10;

    private const BACKUP_DAYS = 2;

    private const PROBE_MILLISECONDS = 500;

    /** A message that has waited so long is stuck. */
    private const MESSAGE_MINUTES = 60;

    public function __construct(private BackupShelf $shelf, private Sender $sender) {}

    /** Written by the schedule itself, whenever it runs. */
    public static function beat(): void
    {
        Cache::forever(self::HEARTBEAT, CarbonImmutable::now()->toIso8601ZuluString());
    }

    /** @return array{database: bool, disk: bool, schedule: bool, sender: bool, messages: bool, backup: bool} what is well */
    public function checks(): array
    {
        return [
            'database' => $this->databaseTakes(),
            'disk' => $this->freeMegabytes() === null || $this->freeMegabytes() >= config('salon.low_space_megabytes'),
            'schedule' => $this->lastRun()?->isAfter(CarbonImmutable::now()->subMinutes(self::SCHEDULE_MINUTES)) === true,
            'sender' => $this->sender->reaches(),
            'messages' => $this->stuckMessages() === 0,
            'backup' => ! $this->backupIsOld(),
        ];
    }

    public function isWell(): bool
    {
        return ! in_array(false, $this->checks(), true);
    }

    /** @return array<string, mixed> for the owner, with figures */
    public function details(): array
    {
        return [
            'checks' => $this->checks(),
            'version' => self::version(),
            'freeMegabytes' => $this->freeMegabytes(),
            'lastRun' => $this->lastRun()?->toIso8601ZuluString(),
            'sender' => $this->sender->name(),
            'stuckMessages' => $this->stuckMessages(),
            'lastBackup' => $this->lastBackup()?->toIso8601ZuluString(),
        ];
    }

    /** The last heading of the changelog. */
    public static function version(): string
    {
        preg_match('/^## (\S+?),? /m', (string) @file_get_contents(base_path('CHANGELOG.md')), $heading);

        return $heading[1] ?? '';
    }

    /** When the last backup was made that was found whole; null: there is none, or its folder is not there. */
    public function lastBackup(): ?CarbonImmutable
    {
        try {
            return $this->shelf->lastVerified();
        } catch (BackupFailed) {
            return null;
        }
    }

    public function backupIsOld(): bool
    {
        // The demo's dogs are made up.
        if (config('salon.demo')) {
            return false;
        }
        try {
            $this->shelf->folder();
        } catch (BackupFailed) {
            return true;
        }
        // A salon that began yesterday has nothing to warn of yet.
        $since = $this->lastBackup() ?? StoredMark::query()->orderBy('number')->first(['received_at'])?->received_at;

        return $since !== null && $since->isBefore(CarbonImmutable::now()->subDays(self::BACKUP_DAYS));
    }

    private function databaseTakes(): bool
    {
        try {
            // Whoever asks how it is does not wait as long as a groomer's mark would.
            $isSqlite = DB::connection()->getDriverName() === 'sqlite';
            $isSqlite ? DB::statement('pragma busy_timeout = '.self::PROBE_MILLISECONDS) : null;
            // Taken and given back: a disk that is full, or a file that is not ours, says so here.
            DB::beginTransaction();
            DB::table('house_log')->insert([
                'id' => (string) Str::ulid(), 'at' => CarbonImmutable::now(), 'kind' => 'probe', 'about' => '{}',
            ]);
            DB::rollBack();

            return Sorting::isByBytes(DB::connection());
        } catch (\Throwable $failure) {
            DB::transactionLevel() > 0 ? DB::rollBack() : null;
            report($failure);

            return false;
        } finally {
            ($isSqlite ?? false) ? rescue(fn() => DB::statement('pragma busy_timeout = '.(int) config('database.connections.sqlite.busy_timeout')), report: false) : null;
        }
    }

    private function freeMegabytes(): ?int
    {
        $free = @disk_free_space(dirname((string) config('database.connections.sqlite.database')));

        return $free === false ? null : (int) ($free / 1024 / 1024);
    }

    private function lastRun(): ?CarbonImmutable
    {
        $at = Cache::get(self::HEARTBEAT);

        return is_string($at) ? CarbonImmutable::parse($at) : null;
    }

    private function stuckMessages(): int
    {
        $due = CarbonImmutable::now()->subMinutes(self::MESSAGE_MINUTES);

        return DB::table('messages')->whereNull('sent_at')
            ->where(fn($is) => $is->whereNull('problem')->orWhere('problem', '!=', NotSent::NO_SENDER))
            ->where(fn($is) => $is
                ->where('due_at', '<', $due)
                ->orWhere(fn($atOnce) => $atOnce->whereNull('due_at')->where('created_at', '<', $due)))
            ->count();
    }
}
