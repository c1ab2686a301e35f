<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\Marks\Fields\Lengths;
use HoundCheck\Core\Marks\Fields\Number;
use HoundCheck\Core\Marks\Fields\Several;
use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Fields\Whole;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Words\Continued;
use HoundCheck\Core\Marks\Words\Unasked;

/** The dog came in: what was known of it that day, so that a later change to the dog's card changes no past visit. */
#[Kind(Phase::Arrival, undoable: false)]
final readonly class Arrived implements Payload
{
    public const SLOT_MINUTES = 90;

    /** What is left may be divided again at each of them. */
    private const MOST_VISITS = 99;

    public Dog $dog;

    /** What an earlier visit left for this one. */
    public ?Continued $continued;

    /**
     * @param array<string, float> $sectionMm lengths that differ from the rest of the coat, in mm, by section id
     * @param list<HealthFact> $health
     * @param bool $wary its last visit ended with mouthing or a snap
     * @param int|null $visit which of several visits it is
     * @param list<Section>|null $leftForToday
     * @param string|null $lengthsFrom the day whose lengths, grown, are guessed for today, such as 2026-03-02; null: as on its card
     * @param list<Unasked> $asks what nobody has answered yet of what protects the dog
     */
    public function __construct(
        #[Number(0.3, 120)]
        float $weightKg,
        CoatType $coat,
        #[Number(1, 500)]
        float $coatMm,
        #[Whole(0, 400)]
        int $ageMonths,
        Temperament $temperament,
        bool $primitive = false,
        #[Lengths]
        array $sectionMm = [],
        #[Several(HealthFact::class)]
        array $health = [],
        #[Number(5, 240)]
        ?float $standsMinutes = null,
        bool $wary = false,
        bool $liesDown = false,
        public bool $entireMale = false,
        #[Whole(10, 600)]
        public int $slotMinutes = self::SLOT_MINUTES,
        #[Whole(2, self::MOST_VISITS)]
        ?int $visit = null,
        #[Whole(2, self::MOST_VISITS)]
        ?int $ofVisits = null,
        #[Several(Section::class)]
        ?array $leftForToday = null,
        #[Text(10)]
        public ?string $lengthsFrom = null,
        #[Several(Unasked::class)]
        public array $asks = [],
    ) {
        $this->dog = new Dog(
            $weightKg,
            $coat,
            $primitive,
            $coatMm,
            $sectionMm,
            $ageMonths,
            $temperament,
            $health,
            standsMinutes: $standsMinutes,
            wary: $wary,
            liesDown: $liesDown,
        );
        $this->continued = $visit === null || $ofVisits === null || $leftForToday === null
            ? null
            : new Continued($visit, max($visit, $ofVisits), $leftForToday);
    }
}
