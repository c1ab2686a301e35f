<?php

declare(strict_types=1);

namespace App\Privacy;

/** Somebody's data was erased, at their request or because it was old: whatever else still holds it is to let go of it. */
final readonly class DataIsGone {}
