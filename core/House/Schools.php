<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

use HoundCheck\Core\Coat\RouteSchool;

/** The ways of working a salon has settled on. */
final readonly class Schools
{
    public function __construct(public RouteSchool $route = RouteSchool::FeetUp) {}
}
