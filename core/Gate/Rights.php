<?php

declare(strict_types=1);

namespace HoundCheck\Core\Gate;

use HoundCheck\Core\House\PriceList;
use HoundCheck\Core\Marks\Kinds\AnswerGiven;
use HoundCheck\Core\Marks\Kinds\ArrivalAnswered;
use HoundCheck\Core\Marks\Kinds\Reacted;
use HoundCheck\Core\Marks\Kinds\Withdrawn;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Who;
use HoundCheck\Core\Marks\Words\AnswerVia;
use HoundCheck\Core\Marks\Words\Signal;
use HoundCheck\Core\Visit\VisitFold;
use HoundCheck\Core\Visit\VisitState;

/** Who may record what. An apprentice records, and takes back only what is theirs; a groomer decides; an owner erases. */
final readonly class Rights
{
    /** Answers of the arrival that are decisions once a plan was shown: the client's yes rests on them. */
    private const LIMITS = [
        'consent', 'feeLimitCents', 'health', 'newHealth', 'temperament', 'firstGroom', 'extras', 'service', 'phone', 'prized',
    ];

    /** @param Mark<Payload> $mark */
    public static function refusal(Mark $mark, VisitState $visit, VisitFold $fold, Recorder $sender): ?Refusal
    {
        return match (true) {
            $mark->what instanceof AnswerGiven
                && ($mark->what->via === AnswerVia::Link) !== $sender->isTheClient => Refusal::OnlyThroughTheLink,
            $mark->declared->who === Who::Owner && ! $sender->role->keepsTheHouse() => Refusal::NeedsAnOwner,
            $mark->declared->who === Who::Owner && $sender->isByPin => Refusal::NeedsThePassword,
            ! $sender->role->decides() && self::isDecision($mark, $visit, $fold, $sender) => Refusal::NeedsAGroomer,
            default => null,
        };
    }

    /** @param Mark<Payload> $mark */
    private static function isDecision(Mark $mark, VisitState $visit, VisitFold $fold, Recorder $sender): bool
    {
        if (! $mark->what instanceof Withdrawn) {
            return $mark->declared->who !== Who::Everybody || ($visit->agreement->shown !== [] && self::movesLimits($mark, $visit));
        }
        $earlier = $fold->mark($mark->what->markId);

        return $earlier !== null
            && ($earlier->by !== $sender->id || self::isSnap($earlier) || self::isDecision($earlier, $visit, $fold, $sender));
    }

    /**
     * A snap ends the dematting of the day: whether there was one, a groomer says.
     *
     * @param Mark<Payload> $mark
     */
    private static function isSnap(Mark $mark): bool
    {
        return $mark->what instanceof Reacted && $mark->what->signal === Signal::Snaps;
    }

    /** @param Mark<Payload> $mark */
    private static function movesLimits(Mark $mark, VisitState $visit): bool
    {
        if (! $mark->what instanceof ArrivalAnswered) {
            return false;
        }
        $weightKg = $mark->what->changes['weightKg'] ?? $visit->arrival->cameIn()->what->dog->weightKg;

        return array_intersect(array_keys($mark->what->changes), self::LIMITS) !== []
            || (array_key_exists('weightKg', $mark->what->changes)
                && PriceList::weightClass($weightKg) !== PriceList::weightClass($visit->dog()->weightKg));
    }
}
