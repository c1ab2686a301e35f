<?php

declare(strict_types=1);

namespace App\Salon\Backup;

use App\Database\Closing;

/**
 * The names that a restore is about to change, written down before the first of them: a restore that was killed is taken back at the next
 * start, as if it had not begun.
 */
final readonly class UnfinishedSwap
{
    public function __construct(private string $file) {}

    public static function of(string $database): self
    {
        return new self("{$database}.swapping");
    }

    /** @return list<self> of the first salon's database and of those beside it */
    public static function all(string $database): array
    {
        $beside = glob(preg_replace('/\.sqlite$/', '', $database).'-salons/*.swapping') ?: [];

        return [self::of($database), ...array_map(fn(string $file): self => new self($file), $beside)];
    }

    /** @param list<array{string, string}> $moves from and to, in order */
    public function begin(array $moves): void
    {
        $handle = fopen($this->file, 'wb') ?: throw BackupFailed::cannotWrite();
        fwrite($handle, json_encode($moves, JSON_THROW_ON_ERROR));
        fflush($handle);
        fsync($handle);
        fclose($handle);
    }

    public function end(): void
    {
        @unlink($this->file);
    }

    /** Where a killed restore left one, and nobody is at it now. */
    public function takeBack(Closing $closing): void
    {
        if (! is_file($this->file) || $closing->isClosed()) {
            return;
        }
        $closing->hold(function (): void {
            $moves = is_file($this->file) ? json_decode((string) file_get_contents($this->file), true) : null;
            foreach (array_reverse(is_array($moves) ? $moves : []) as [$from, $to]) {
                if (! file_exists($to) || file_exists($from)) {
                    continue;
                }
                rename($to, $from);
                // What was written into it since goes with it, never to what comes back.
                foreach (['-wal', '-shm'] as $ending) {
                    file_exists($to.$ending) ? rename($to.$ending, $from.$ending) : null;
                }
            }
            $this->end();
        });
    }
}
