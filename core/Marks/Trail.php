<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/** Marks in the order of arrival; one more is added without copying those before. */
final readonly class Trail
{
    /** @param Mark<Payload>|null $mark the latest; null: there is none */
    private function __construct(private ?Mark $mark, private ?self $before) {}

    public static function none(): self
    {
        return new self(null, null);
    }

    /** @param Mark<Payload> $mark */
    public function with(Mark $mark): self
    {
        return new self($mark, $this);
    }

    /** @return list<Mark<Payload>> by the time of the hand; of one time, in the order of arrival */
    public function byTime(): array
    {
        $marks = [];
        for ($at = $this; $at?->mark !== null; $at = $at->before) {
            $marks[] = $at->mark;
        }
        $marks = array_reverse($marks);
        usort($marks, fn(Mark $one, Mark $other): int => $one->at <=> $other->at);

        return $marks;
    }
}
