<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** Something that was said or done about an appointment. Acts are kept as they came; what stands is folded from them. */
interface AppointmentAct {}
