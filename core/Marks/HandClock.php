<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/**
 * The time of the hand, as the server believes it.
 *
 * The order of arrival decides what counts; this time measures durations only. So it is corrected by how far the device's
 * clock was off, and kept between the dog's arrival and the server's own time.
 */
final readonly class HandClock
{
    /** So far ahead of the server a time of the hand may lie. */
    private const AHEAD_SECONDS = 120;

    /** A clock within a minute is right: the rest is the way through the network. */
    private const RIGHT_SECONDS = 60;

    /**
     * @param \DateTimeImmutable $now the server's
     * @param int $offSeconds that are added to what the device said
     */
    private function __construct(private \DateTimeImmutable $now, private int $offSeconds) {}

    /** @param \DateTimeImmutable|null $sentAt what the device's clock said when it sent; null: it is taken for right */
    public static function of(\DateTimeImmutable $now, ?\DateTimeImmutable $sentAt): self
    {
        $off = $sentAt === null ? 0 : $now->getTimestamp() - $sentAt->getTimestamp();

        return new self($now, abs($off) < self::RIGHT_SECONDS ? 0 : $off);
    }

    /**
     * @param Mark<Payload> $mark
     *
     * @return Mark<Payload>
     */
    public function setRight(Mark $mark, \DateTimeImmutable $arrivedAt): Mark
    {
        $at = max($this->believed($mark->at), $arrivedAt);

        return ($at <=> $mark->at) === 0 ? $mark : $mark->at($at);
    }

    /** What the device said, corrected, and never ahead of the server. */
    public function believed(\DateTimeImmutable $said): \DateTimeImmutable
    {
        $at = $this->offSeconds === 0 ? $said : $said->modify(sprintf('%+d seconds', $this->offSeconds));

        return $at > $this->now->modify('+'.self::AHEAD_SECONDS.' seconds') ? $this->now : $at;
    }
}
