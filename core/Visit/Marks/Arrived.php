<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Visit\Continued;
use HoundCheck\Core\Visit\Unasked;

/** The dog came in: what was known of it that day, so that a later change to the dog's card changes no past visit. */
final readonly class Arrived implements Payload
{
    public const SLOT_MINUTES = 90;

    /** What is left may be divided again at each of them. */
    private const MOST_VISITS = 99;

    /**
     * @param Continued|null $continued what an earlier visit left for this one
     * @param list<Unasked> $asks what nobody has answered yet of what protects the dog
     * @param string|null $lengthsFrom the day whose lengths, grown, are guessed for today, such as 2026-03-02; null: as on its card
     */
    public function __construct(
        public Dog $dog,
        public bool $entireMale,
        public int $slotMinutes,
        public ?Continued $continued = null,
        public ?string $lengthsFrom = null,
        public array $asks = [],
    ) {}

    public static function read(PayloadReader $reader): static
    {
        $dog = new Dog(
            $reader->optionalNumber('weightKg', 0.3, 120) ?? throw UnreadableMark::isNeeded('weightKg'),
            $reader->one('coat', CoatType::class),
            $reader->optionalBool('primitive') ?? false,
            $reader->optionalNumber('coatMm', 1, 500) ?? throw UnreadableMark::isNeeded('coatMm'),
            $reader->optionalLengths('sectionMm') ?? [],
            $reader->optionalWhole('ageMonths', 0, 400) ?? throw UnreadableMark::isNeeded('ageMonths'),
            $reader->one('temperament', Temperament::class),
            $reader->optionalSeveral('health', HealthFact::class) ?? [],
            standsMinutes: $reader->optionalNumber('standsMinutes', 5, 240),
            wary: $reader->optionalBool('wary') ?? false,
            liesDown: $reader->optionalBool('liesDown') ?? false,
        );
        $arrived = new self(
            $dog,
            $reader->optionalBool('entireMale') ?? false,
            $reader->optionalWhole('slotMinutes', 10, 600) ?? self::SLOT_MINUTES,
            self::continued($reader),
            $reader->optionalText('lengthsFrom', 10),
            $reader->optionalSeveral('asks', Unasked::class) ?? [],
        );
        $reader->finish();

        return $arrived;
    }

    private static function continued(PayloadReader $reader): ?Continued
    {
        $visit = $reader->optionalWhole('visit', 2, self::MOST_VISITS);
        $of = $reader->optionalWhole('ofVisits', 2, self::MOST_VISITS);
        $left = $reader->optionalSeveral('leftForToday', Section::class);

        return $visit === null || $of === null || $left === null ? null : new Continued($visit, max($visit, $of), $left);
    }
}
