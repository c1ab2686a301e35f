<?php

declare(strict_types=1);

namespace App\Transfer\Import;

/** One row of a table as it would be kept. */
final readonly class ReadRow
{
    /**
     * @param int $line of the file, on which it begins
     * @param array<string, mixed> $client columns of `clients`
     * @param array<string, mixed> $dog columns of `dogs`
     * @param list<Field> $assumed what the table does not say
     * @param list<array{field: Field, problem: string, given: string}> $problems it is left out for these
     * @param list<array{field: Field, problem: string, given: string}> $notes it is read all the same, without these
     */
    public function __construct(
        public int $line,
        public array $client,
        public array $dog,
        public array $assumed,
        public array $problems,
        public array $notes,
    ) {}
}
