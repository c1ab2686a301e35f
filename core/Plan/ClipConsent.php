<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\House\PlanRules;

/** What the client said on arrival about clipping. */
enum ClipConsent: string
{
    /** No clipping where it shows, unless the place is pelted. */
    case Never = 'never';
    /** Each clip is asked first. */
    case Ask = 'ask';
    /** Hidden places without asking. */
    case Hidden = 'hidden';
    /** Wherever it is needed. */
    case Any = 'any';

    /** Allows more without asking. */
    public function isWiderThan(self $other): bool
    {
        return array_search($this, self::cases(), true) > array_search($other, self::cases(), true);
    }

    /** Whether a clip here is within what the client allowed on arrival. */
    public function allowsWithoutAsking(Section $section, PlanRules $rules): bool
    {
        return match ($this) {
            self::Any => true,
            self::Hidden => $section->facts()->seen <= $rules->hiddenSeen,
            self::Ask, self::Never => false,
        };
    }
}
