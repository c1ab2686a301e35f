<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day\Acts;

use HoundCheck\Core\Day\AppointmentAct;

final readonly class NoShow implements AppointmentAct {}
