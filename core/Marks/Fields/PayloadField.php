<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

use HoundCheck\Core\Marks\UnreadableMark;

/** What a field of a payload may hold. Stands as an attribute at a constructor's parameter, or follows from its type. */
abstract readonly class PayloadField
{
    /** No closed list of the job is longer. */
    protected const LONGEST_LIST = 60;

    /**
     * @param mixed $value as it was sent, not null
     * @param bool $stored it was taken once: what an earlier version let in is read as well as can be
     *
     * @return mixed null: as good as not sent
     *
     * @throws UnreadableMark
     */
    abstract public function read(string $name, mixed $value, bool $stored): mixed;

    /** @return array<string, mixed> in JSON Schema, of a value that is there */
    abstract public function schema(): array;

    /** @return mixed as it is stored */
    public function kept(mixed $sent, mixed $read): mixed
    {
        return $sent;
    }

    /** What stands for it where it is needed and was not sent, in a payload that was taken once; null: nothing can. */
    public function unsent(): mixed
    {
        return null;
    }

    /** Why a payload without it is refused. */
    public function missing(string $name): UnreadableMark
    {
        return UnreadableMark::isNeeded($name);
    }

    /** @return array<string, mixed> of a value that must be there */
    public function neededSchema(): array
    {
        return $this->schema();
    }
}
