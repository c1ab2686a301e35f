<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/** Everything that is true of a kind of mark, whatever its content. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final readonly class Kind
{
    public Reach $reach;

    /**
     * @param bool $handsOn whoever records it has the dog under the hands
     * @param bool $undoable undo takes back what a hand entered; an arrival, an undo, and what has a picture behind it stay
     * @param Reach|null $reach null: as usual in its phase
     * @param bool $alwaysFits it is taken however full the visit is
     * @param bool $afterTheEnd it counts though it came after the end
     * @param bool $changesTheCard what the dog's card says may change with it
     */
    public function __construct(
        public Phase $phase,
        public Place $place = Place::Visit,
        public Who $who = Who::Everybody,
        public bool $handsOn = false,
        public bool $undoable = true,
        ?Reach $reach = null,
        public bool $alwaysFits = false,
        public bool $afterTheEnd = false,
        public bool $changesTheCard = false,
    ) {
        $this->reach = $reach ?? match ($phase) {
            Phase::Table, Phase::Bath => Reach::Nowhere,
            Phase::Inspection => Reach::Here,
            default => Reach::Everywhere,
        };
    }

    /** @param class-string<Payload> $payload */
    public static function of(string $payload): self
    {
        $declared = (new \ReflectionClass($payload))->getAttributes(self::class)[0] ?? null;

        return $declared?->newInstance() ?? throw new \LogicException("{$payload} is not declared.");
    }

    /** Of the table and of what comes after it: the dog is out of its waiting place. */
    public function isFromTheTableOn(): bool
    {
        return in_array($this->phase, [Phase::Table, Phase::Bath, Phase::End], true);
    }
}
