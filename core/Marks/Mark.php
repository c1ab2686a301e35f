<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

use HoundCheck\Core\Coat\Section;

/**
 * One thing a person recorded about a visit. Never altered; undoing is another mark that withdraws it.
 *
 * @template-covariant T of Payload
 */
final readonly class Mark
{
    /**
     * @param string $id ULID made by the device, so that sending twice stores once
     * @param string $kind name of the kind, such as `comb_checked`
     * @param T $what
     * @param \DateTimeImmutable $at time of the hand; it measures durations, the order of arrival decides
     * @param string $by who, as the salon calls them
     * @param string $device ULID of the tablet
     * @param array<string, mixed> $fields the payload as it was read: what is stored
     * @param \DateTimeImmutable|null $receivedAt when it reached the server; null: it has not yet
     * @param int|null $seen so many marks of the visit its device had when the hand made it; null: all that had arrived before it
     * @param \DateTimeImmutable|null $deviceAt what the device's clock said, where that was something else
     */
    public function __construct(
        public string $id,
        public string $kind,
        public Kind $declared,
        public Payload $what,
        public ?Section $section,
        public \DateTimeImmutable $at,
        public string $by,
        public string $device = '',
        public array $fields = [],
        public ?\DateTimeImmutable $deviceAt = null,
        public ?\DateTimeImmutable $receivedAt = null,
        public ?int $seen = null,
    ) {}

    /**
     * The same mark, known by what it holds.
     *
     * @template P of Payload
     *
     * @param class-string<P> $payload
     *
     * @return self<P>
     */
    public function of(string $payload): self
    {
        return $this->what instanceof $payload ? $this : throw new \LogicException("A mark of the kind {$this->kind} holds no {$payload}.");
    }

    /** @return self<T> the same by whoever it is that sends it */
    public function by(string $by): self
    {
        return new self(
            $this->id,
            $this->kind,
            $this->declared,
            $this->what,
            $this->section,
            $this->at,
            $by,
            $this->device,
            $this->fields,
            $this->deviceAt,
            $this->receivedAt,
            $this->seen,
        );
    }

    /**
     * The same mark with what the server adds to what it says.
     *
     * @template P of Payload
     *
     * @param P $what
     * @param array<string, mixed> $fields as they are stored
     *
     * @return self<P>
     */
    public function with(Payload $what, array $fields): self
    {
        return new self($this->id, $this->kind, $this->declared, $what, $this->section, $this->at, $this->by, $this->device, $fields, $this->deviceAt, $this->receivedAt, $this->seen);
    }

    /** @return self<T> the same at another time of the hand; what the device said is kept beside it */
    public function at(\DateTimeImmutable $at): self
    {
        $said = $this->deviceAt ?? $this->at;

        return new self(
            $this->id,
            $this->kind,
            $this->declared,
            $this->what,
            $this->section,
            $at,
            $this->by,
            $this->device,
            $this->fields,
            ($said <=> $at) === 0 ? null : $said,
            $this->receivedAt,
            $this->seen,
        );
    }

    /** @return self<T> the same as it reached the server */
    public function received(\DateTimeImmutable $at): self
    {
        return new self(
            $this->id,
            $this->kind,
            $this->declared,
            $this->what,
            $this->section,
            $this->at,
            $this->by,
            $this->device,
            $this->fields,
            $this->deviceAt,
            $at,
            $this->seen,
        );
    }

    /** @return self<T> the same, made when its device had so many marks of the visit */
    public function saw(?int $marks): self
    {
        return new self(
            $this->id,
            $this->kind,
            $this->declared,
            $this->what,
            $this->section,
            $this->at,
            $this->by,
            $this->device,
            $this->fields,
            $this->deviceAt,
            $this->receivedAt,
            $marks,
        );
    }
}
