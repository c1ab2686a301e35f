<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/** The content of one kind of mark: a class in Kinds/ with the attribute `Kind`, whose constructor says what it holds. */
interface Payload {}
