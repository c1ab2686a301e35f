<?php

declare(strict_types=1);

namespace Tests\Core\Visit;

use HoundCheck\Core\Gate\AtTheGate;
use HoundCheck\Core\Gate\Recorder;
use HoundCheck\Core\Gate\Refusal;
use HoundCheck\Core\Marks\Kinds\PlanShown;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\Role;
use HoundCheck\Core\Visit\Known;
use HoundCheck\Core\Visit\TermsNow;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\OneSalon;
use Tests\Core\Scene;

/**
 * Whatever is shown, answered, taken back and changed, in any order of up to five steps: nobody cuts without a yes in force that
 * covers it, or leave that the client knows of. What should be so is worked out here from the steps alone.
 */
final class ConsentModelTest extends TestCase
{
    private const STEPS = 5;

    private const CUT_MM = 9.5;

    /** In whole cents, of a full groom of 12 kg with a mat, as `PriceList` has it; nails are 8 more. */
    private const PRICE = 6600;

    private const PERMISSIONS = ['never', 'ask', 'hidden', 'any'];

    private Scene $scene;

    /** @return iterable<string, array{string}> */
    public static function steps(): iterable
    {
        // Before a plan was shown there is nothing to answer.
        foreach (['show', 'allow any', 'dearer', 'cheaper', 'lower limit'] as $first) {
            yield "first: {$first}" => [$first];
        }
    }

    /**
     * Kind of mark, payload, by link; {plan} is the latest shown, {first} the first, {answer} the latest answer that was not taken back.
     *
     * @return array<string, array{MarkKind, array<string, mixed>, bool}>
     */
    private static function deeds(): array
    {
        $answer = fn(string $answer, string $via, string $plan = '{plan}'): array => [
            MarkKind::AnswerGiven, ['planId' => $plan, 'answer' => $answer, 'via' => $via, 'who' => 'Ann'], $via === 'link',
        ];

        return [
            'show' => [MarkKind::PlanShown, [], false],
            'yes' => $answer('yes', 'here'),
            'no' => $answer('no', 'phone'),
            'yes by link' => $answer('yes', 'link'),
            'no by link' => $answer('no', 'link'),
            'no to the first' => $answer('no', 'here', '{first}'),
            'go ahead' => $answer('yes', 'standing'),
            'take back' => [MarkKind::Withdrawn, ['markId' => '{answer}'], false],
            'allow any' => [MarkKind::ArrivalAnswered, ['consent' => 'any'], false],
            'dearer' => [MarkKind::ArrivalAnswered, ['extras' => ['nails']], false],
            'cheaper' => [MarkKind::ArrivalAnswered, ['service' => 'bath_and_brush'], false],
            'lower limit' => [MarkKind::ArrivalAnswered, ['feeLimitCents' => 20000], false],
        ];
    }

    #[DataProvider('steps')]
    public function test_no_cut_without_a_yes_in_force_that_covers_it(string $first): void
    {
        $this->scene = Scene::inspected(['tail' => Scene::comb(3, 0.2, self::CUT_MM)], ['coatMm' => 14], consent: 'ask')
            ->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:9.5'], 'tail');
        $this->walk([$first], [], $this->scene->marks, AtTheGate::of($this->scene->marks, new Known($this->scene->rules)));
    }

    /**
     * @param list<string> $next deeds to try
     * @param list<array{does: string, plan: int|null}> $done that were taken
     * @param list<Mark> $marks
     */
    private function walk(array $next, array $done, array $marks, AtTheGate $here): void
    {
        foreach ($next as $does) {
            $mark = $this->mark($does, $done, $marks);
            if ($mark === null) {
                continue;
            }
            $refusal = $this->refusal($here, $mark, self::deeds()[$does][2]);
            $said = implode(', ', [...array_column($done, 'does'), $does]);
            $after = [...$done, ['does' => $does, 'plan' => $this->planOf($does, $done)]];
            self::assertSame(self::isTaken($does, $done), $refusal === null, "{$said}: taken or not");
            if ($refusal !== null) {
                continue;
            }
            $taken = $mark->what instanceof PlanShown ? (new TermsNow($here->report()))->writtenInto($mark->of(PlanShown::class)) : $mark;
            $now = clone $here;
            $now->take($taken);
            self::assertSame(self::mayCut($after), $this->cut($now), "{$said}: a cut");
            if (count($after) < self::STEPS) {
                $this->walk(array_keys(self::deeds()), $after, [...$marks, $taken], $now);
            }
        }
    }

    private function cut(AtTheGate $here): bool
    {
        return $this->refusal($here, $this->scene->make(MarkKind::Clipped, ['mm' => self::CUT_MM], 'tail'), false) === null;
    }

    private function refusal(AtTheGate $here, Mark $mark, bool $isTheClient): ?Refusal
    {
        return $here->refusal($mark, new Recorder('Imke', Role::Groomer, $isTheClient, $this->scene->now(), new OneSalon));
    }

    /**
     * @param list<array{does: string, plan: int|null}> $done
     * @param list<Mark> $marks
     */
    private function mark(string $does, array $done, array $marks): ?Mark
    {
        [$kind, $payload] = self::deeds()[$does];
        $shown = array_values(array_filter($marks, fn(Mark $mark): bool => $mark->what instanceof PlanShown));
        $answer = self::latestAnswer($done);
        $needs = implode(' ', array_map(fn(mixed $one): string => is_string($one) ? $one : '', $payload));
        $changed = in_array($does, array_column($done, 'does'), true) && $kind === MarkKind::ArrivalAnswered;
        if ($changed || (str_contains($needs, '{') && $shown === []) || (str_contains($needs, '{answer}') && $answer === null)) {
            return null;
        }
        $first = count($this->scene->marks);
        $fill = fn(mixed $one): mixed => match ($one) {
            '{plan}' => $shown[count($shown) - 1]->id,
            '{first}' => $shown[0]->id,
            '{answer}' => $marks[$first + (int) $answer]->id,
            default => $one,
        };
        $filled = $kind === MarkKind::PlanShown
            ? ['choices' => $this->scene->report()->totals->choices->codes()]
            : array_map($fill, $payload);

        return $this->scene->make($kind, $filled);
    }

    /** @param list<array{does: string, plan: int|null}> $done */
    private function planOf(string $does, array $done): ?int
    {
        $plans = count(array_keys(array_column($done, 'does'), 'show', true));

        return $does === 'no to the first' ? 0 : $plans - 1;
    }

    /**
     * @param list<array{does: string, plan: int|null}> $done
     *
     * @return int|null which of them
     */
    private static function latestAnswer(array $done): ?int
    {
        $counts = self::counts($done);
        for ($at = count($done) - 1; $at >= 0; $at--) {
            if ($counts[$at] && self::deeds()[$done[$at]['does']][0] === MarkKind::AnswerGiven) {
                return $at;
            }
        }

        return null;
    }

    /**
     * @param list<array{does: string, plan: int|null}> $done
     *
     * @return list<bool> false: taken back
     */
    private static function counts(array $done): array
    {
        $counts = [];
        foreach ($done as $at => ['does' => $does]) {
            $counts[$at] = true;
            if ($does === 'take back') {
                $counts[(int) self::latestAnswer(array_slice($done, 0, $at))] = false;
            }
        }

        return $counts;
    }

    /**
     * What is so after the first so many deeds.
     *
     * @param list<array{does: string, plan: int|null}> $done
     *
     * @return array{price: int, limit: float, permission: int}
     */
    private static function isSo(array $done): array
    {
        $did = array_column($done, 'does');

        return [
            'price' => (in_array('cheaper', $did, true) ? 4400 : self::PRICE) + (in_array('dearer', $did, true) ? 800 : 0),
            'limit' => in_array('lower limit', $did, true) ? 20000.0 : INF,
            'permission' => (int) array_search(in_array('allow any', $did, true) ? 'any' : 'ask', self::PERMISSIONS, true),
        ];
    }

    /**
     * @param list<array{does: string, plan: int|null}> $done
     *
     * @return array{list<array{price: int, limit: float, permission: int}>, int|null, bool, int|null} plans, yes to which, a no stands, leave
     */
    private static function word(array $done): array
    {
        [$plans, $yes, $no, $leave] = [[], null, false, null];
        $counts = self::counts($done);
        foreach ($done as $at => ['does' => $does, 'plan' => $plan]) {
            if ($does === 'show') {
                $plans[] = self::isSo(array_slice($done, 0, $at));
                $leave ??= $plans[0]['permission'];
            }
            if (! $counts[$at]) {
                continue;
            }
            if ($does === 'yes' || $does === 'yes by link') {
                [$yes, $no, $leave] = [$plan, false, $plans[(int) $plan]['permission']];
            } elseif ($does === 'go ahead' && ! $no) {
                $yes = $plan;
            } elseif (str_starts_with($does, 'no')) {
                [$yes, $no] = [null, true];
            }
        }

        return [$plans, $yes, $no, $leave];
    }

    /**
     * @param array{price: int, limit: float, permission: int} $then
     * @param array{price: int, limit: float, permission: int} $now
     */
    private static function isNoWorse(array $then, array $now): bool
    {
        return $now['price'] <= $then['price'] && $now['limit'] >= $then['limit'] && $now['permission'] <= $then['permission'];
    }

    /** @param list<array{does: string, plan: int|null}> $done */
    private static function isTaken(string $does, array $done): bool
    {
        [$plans, , $no, $leave] = self::word($done);
        $now = self::isSo($done);
        $answer = self::latestAnswer($done);
        $latest = $plans[count($plans) - 1] ?? null;

        return match ($does) {
            'yes', 'yes by link' => $latest !== null && self::isNoWorse($latest, $now),
            'go ahead' => $latest !== null && self::isNoWorse($latest, $now) && ! $no && min((int) $leave, $now['permission']) === 3,
            'take back' => $done[(int) $answer]['does'] !== 'no by link',
            default => true,
        };
    }

    /** @param list<array{does: string, plan: int|null}> $done */
    private static function mayCut(array $done): bool
    {
        [$plans, $yes, $no, $leave] = self::word($done);
        $now = self::isSo($done);
        $allowed = min($leave ?? $now['permission'], $now['permission']) === 3;

        return ! $no && ($allowed || ($yes !== null && self::isNoWorse($plans[$yes], $now)));
    }
}
