<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

use HoundCheck\Core\Coat\RouteSchool;

/** The ways of working a salon has settled on. Thinning and tender places are in `PlanRules`, as they bar treatments. */
final readonly class Schools
{
    /** @param bool $bladedDeshedders bladed de-shedding tools are used at all; never on a primitive coat */
    public function __construct(
        public RouteSchool $route = RouteSchool::FeetUp,
        public MatSchool $mats = MatSchool::FingersFirst,
        public CombDirection $direction = CombDirection::WithTheLay,
        public WetBrushing $wetBrushing = WetBrushing::NotBeforeMatFree,
        public DryingSchool $drying = DryingSchool::DryerAlways,
        public Treats $treats = Treats::During,
        public bool $bladedDeshedders = false,
    ) {}

    /** @param array<string, mixed> $values as `toArray()` writes them; what is missing keeps its starting value */
    public static function fromArray(array $values): self
    {
        $start = new self;

        return new self(
            RouteSchool::from($values['route'] ?? $start->route->value),
            MatSchool::from($values['mats'] ?? $start->mats->value),
            CombDirection::from($values['direction'] ?? $start->direction->value),
            WetBrushing::from($values['wetBrushing'] ?? $start->wetBrushing->value),
            DryingSchool::from($values['drying'] ?? $start->drying->value),
            Treats::from($values['treats'] ?? $start->treats->value),
            $values['bladedDeshedders'] ?? $start->bladedDeshedders,
        );
    }

    /** @return array<string, string|bool> */
    public function toArray(): array
    {
        return array_map(fn(mixed $value): string|bool => $value instanceof \BackedEnum ? (string) $value->value : $value, get_object_vars($this));
    }
}
