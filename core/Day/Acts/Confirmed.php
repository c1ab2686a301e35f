<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day\Acts;

use HoundCheck\Core\Day\AppointmentAct;

/** The client said that the time is good. */
final readonly class Confirmed implements AppointmentAct {}
