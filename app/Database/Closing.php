<?php

declare(strict_types=1);

namespace App\Database;

/**
 * While a salon's data is copied or swapped nobody else reads or writes it. The process that does it holds a lock, and everybody who
 * comes in shares it: work that is under way ends first, and a process that is killed has opened again.
 *
 * One for each database, so that another installation served from the same folder goes on; on one computer, as the swap is.
 */
final class Closing
{
    /** @param string $file that is locked; its name says which database */
    private function __construct(private readonly string $file) {}

    public static function of(string $database): self
    {
        return new self(storage_path('framework/closing-'.substr(hash('sha256', $database), 0, 16)));
    }

    /**
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     */
    public function hold(\Closure $work): mixed
    {
        $handle = $this->handle();
        flock($handle, LOCK_EX);
        try {
            return $work();
        } finally {
            fclose($handle);
        }
    }

    /** @return resource|null kept open until whoever came in is done; null: it is closed */
    public function pass(): mixed
    {
        $handle = $this->handle();
        if (flock($handle, LOCK_SH | LOCK_NB)) {
            return $handle;
        }
        fclose($handle);

        return null;
    }

    public function isClosed(): bool
    {
        $pass = $this->pass();
        $pass === null ?: fclose($pass);

        return $pass === null;
    }

    /** @return resource */
    private function handle(): mixed
    {
        // Not handed on: what a killed move had started would hold it on.
        return fopen($this->file, 'ce')
            ?: throw new \RuntimeException("{$this->file} cannot be opened: the folder storage/framework is not writable.");
    }
}
