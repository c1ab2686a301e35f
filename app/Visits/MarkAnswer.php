<?php

declare(strict_types=1);

namespace App\Visits;

use App\Words\Words;
use HoundCheck\Core\Gate\Refusal;
use HoundCheck\Core\Marks\UnreadableMark;

/** What became of one mark that was sent: `taken`, `already` there, or `refused` and why. */
final readonly class MarkAnswer
{
    private function __construct(
        public string $id,
        public string $outcome,
        public ?string $reason = null,
        public ?string $message = null,
    ) {}

    public static function taken(string $id): self
    {
        return new self($id, 'taken');
    }

    public static function already(string $id): self
    {
        return new self($id, 'already');
    }

    public static function refused(string $id, Refusal $why): self
    {
        return self::because($id, $why->value);
    }

    public static function unreadable(string $id, UnreadableMark $why): self
    {
        return new self(
            $id,
            'refused',
            'unreadable',
            Words::of('refusals.unreadable', [
                'problem' => Words::of("marks.{$why->problem->value}", ['field' => $why->field, ...$why->figures]),
            ]),
        );
    }

    public static function usedElsewhere(string $id): self
    {
        return self::because($id, 'used_elsewhere');
    }

    public static function photoNeedsItsFile(string $id): self
    {
        return self::because($id, 'photo_needs_its_file');
    }

    public static function visitIsFull(string $id): self
    {
        return self::because($id, 'visit_is_full');
    }

    public function wasTaken(): bool
    {
        return $this->outcome === 'taken';
    }

    private static function because(string $id, string $reason): self
    {
        return new self($id, 'refused', $reason, Words::of("refusals.{$reason}"));
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return array_filter(get_object_vars($this), fn(?string $value): bool => $value !== null);
    }
}
