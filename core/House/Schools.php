<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

use HoundCheck\Core\Coat\RouteSchool;
use HoundCheck\Core\Coat\Section;

/** The ways of working a salon has settled on. Thinning and tender places are in `PlanRules`, as they bar treatments. */
final readonly class Schools
{
    /**
     * @param list<Section> $ownRoute all 30, each once, for the school `own`; empty while the salon has none
     * @param bool $bladedDeshedders bladed de-shedding tools are used at all; never on a primitive coat
     */
    public function __construct(
        public RouteSchool $route = RouteSchool::FeetUp,
        public array $ownRoute = [],
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
            array_map(Section::from(...), $values['ownRoute'] ?? []),
            MatSchool::from($values['mats'] ?? $start->mats->value),
            CombDirection::from($values['direction'] ?? $start->direction->value),
            WetBrushing::from($values['wetBrushing'] ?? $start->wetBrushing->value),
            DryingSchool::from($values['drying'] ?? $start->drying->value),
            Treats::from($values['treats'] ?? $start->treats->value),
            $values['bladedDeshedders'] ?? $start->bladedDeshedders,
        );
    }

    /** @return list<Section> each section once, in the order in which the hands go round the dog */
    public function sections(): array
    {
        return $this->route === RouteSchool::Own && $this->ownRoute !== [] ? $this->ownRoute : $this->route->route();
    }

    /** @return array<string, string|bool|list<string>> */
    public function toArray(): array
    {
        return array_map(fn(mixed $value): string|bool|array => match (true) {
            $value instanceof \BackedEnum => (string) $value->value,
            is_array($value) => array_column($value, 'value'),
            default => $value,
        }, get_object_vars($this));
    }
}
