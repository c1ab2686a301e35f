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
        public LineCount $lineCount = LineCount::Never,
        public WorkOrder $order = WorkOrder::BrushFirst,
        public CombSchool $combOpens = CombSchool::OnlyChecks,
    ) {}

    /** @param array<string, mixed> $values as `toArray()` writes them; what is missing keeps its starting value */
    public static function fromArray(array $values): self
    {
        $start = new self;

        return new self(
            RouteSchool::tryFrom((string) ($values['route'] ?? '')) ?? $start->route,
            self::route($values['ownRoute'] ?? []),
            MatSchool::tryFrom((string) ($values['mats'] ?? '')) ?? $start->mats,
            CombDirection::tryFrom((string) ($values['direction'] ?? '')) ?? $start->direction,
            WetBrushing::tryFrom((string) ($values['wetBrushing'] ?? '')) ?? $start->wetBrushing,
            DryingSchool::tryFrom((string) ($values['drying'] ?? '')) ?? $start->drying,
            Treats::tryFrom((string) ($values['treats'] ?? '')) ?? $start->treats,
            $values['bladedDeshedders'] ?? $start->bladedDeshedders,
            LineCount::tryFrom((string) ($values['lineCount'] ?? '')) ?? $start->lineCount,
            WorkOrder::tryFrom((string) ($values['order'] ?? '')) ?? $start->order,
            CombSchool::tryFrom((string) ($values['combOpens'] ?? '')) ?? $start->combOpens,
        );
    }

    /**
     * @param list<string> $ids
     *
     * @return list<Section> all 30, or none where a section came or went since
     */
    private static function route(array $ids): array
    {
        $route = array_values(array_filter(array_map(Section::tryFrom(...), $ids)));

        return count($route) === count(Section::cases()) ? $route : [];
    }

    /** @return list<Section> each section once, in the order in which the hands go round the dog */
    public function sections(): array
    {
        return $this->route === RouteSchool::Own && $this->ownRoute !== [] ? $this->ownRoute : $this->route->route();
    }

    /** @return array<string, string|bool|list<string>> */
    public function toArray(): array
    {
        return [
            'route' => $this->route->value,
            'ownRoute' => array_map(fn(Section $section): string => $section->value, $this->ownRoute),
            'mats' => $this->mats->value,
            'direction' => $this->direction->value,
            'wetBrushing' => $this->wetBrushing->value,
            'drying' => $this->drying->value,
            'treats' => $this->treats->value,
            'bladedDeshedders' => $this->bladedDeshedders,
            'lineCount' => $this->lineCount->value,
            'order' => $this->order->value,
            'combOpens' => $this->combOpens->value,
        ];
    }
}
