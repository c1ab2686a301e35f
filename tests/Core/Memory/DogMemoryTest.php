<?php

declare(strict_types=1);

namespace Tests\Core\Memory;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\MemoryRules;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Memory\DogMemory;
use HoundCheck\Core\Memory\DogsClock;
use HoundCheck\Core\Memory\Expected;
use HoundCheck\Core\Memory\PastInterval;
use HoundCheck\Core\Memory\VisitTells;
use HoundCheck\Core\Visit\WhatItTells;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;
use Tests\Core\Scene;

final class DogMemoryTest extends TestCase
{
    public function test_a_dog_that_was_never_here_is_the_usual_one(): void
    {
        $memory = self::memory();

        self::assertNull($memory->last());
        self::assertNull($memory->lengthsMm(self::day(0)));
        self::assertNull($memory->nextVisit(Dogs::dog(), HouseRules::shop()));
        self::assertSame(0.0, round($memory->clock()->mean(), 12));
    }

    public function test_days_count_from_the_last_comb_out_here_and_the_owner_is_asked_only_once(): void
    {
        $first = self::tells(0, ['tail' => Grade::Mat, 'back' => Grade::Clear], told: 60, combedOut: ['tail']);
        $second = self::tells(50, ['tail' => Grade::Tangle, 'back' => Grade::Mat], told: 7);

        $learned = self::memory($first, $second)->clock();

        // The back was never combed out here: the second visit says nothing of it.
        $expected = DogsClock::learned(CoatType::Curly, [
            new PastInterval($first->life, $first->cameInMm, ['tail' => [60.0, Grade::Mat], 'back' => [60.0, Grade::Clear]]),
            new PastInterval($second->life, $second->cameInMm, ['tail' => [50.0, Grade::Tangle]]),
        ], new MemoryRules);
        self::assertEquals($expected, $learned);
        self::assertSame(2, self::memory($first, $second)->intervals());
    }

    public function test_a_place_that_was_left_alone_goes_on_from_the_comb_out_before(): void
    {
        $memory = self::memory(
            self::tells(0, [], combedOut: ['tail', 'back']),
            self::tells(40, [], combedOut: ['back']),
        );

        self::assertSame([60.0, 20.0], [$memory->daysSince(Section::Tail, self::day(60)), $memory->daysSince(Section::Back, self::day(60))]);
        self::assertNull($memory->daysSince(Section::Belly, self::day(60)));
    }

    public function test_two_visits_on_one_day_tell_nothing_of_the_days_between(): void
    {
        $twice = self::memory(self::tells(0, [], combedOut: ['tail']), self::tells(0, ['tail' => Grade::Clear]));

        self::assertSame(0, $twice->intervals());
    }

    public function test_hair_grows_from_what_was_left_to_what_comes_in(): void
    {
        $left = ['back' => 9.5] + self::lengths(60);
        $memory = self::memory(self::tells(0, [], left: $left));

        $grown = $memory->lengthsMm(self::day(61)) ?? [];

        self::assertEqualsWithDelta(9.5 + 12 * 61 / 30.4, $grown['back'], 1e-9);
        self::assertEqualsWithDelta(60 + 12 * 61 / 30.4, $grown['tail'], 1e-9);
        $middle = $memory->lengthsSince(['back' => 30.0] + self::lengths(84));
        self::assertSame([19.75, 72.0], [$middle['back'], $middle['tail']]);
    }

    public function test_most_of_the_dog_gives_its_length_not_most_of_its_places(): void
    {
        $lengths = self::lengths(20);
        foreach (['back', 'side_l', 'side_r', 'breeches_l', 'breeches_r', 'shoulder_l', 'shoulder_r'] as $large) {
            $lengths[$large] = 45.0;
        }

        self::assertSame(45.0, DogMemory::usual($lengths), 'Seven large places are more of a dog than twenty-three small ones.');
    }

    public function test_what_a_visit_tells_comes_back_from_its_row_as_it_was_written(): void
    {
        $tells = self::tells(3, ['tail' => Grade::Pelted], told: 90, combedOut: ['tail'], left: ['tail' => 6.3] + self::lengths(60));

        self::assertEquals($tells, VisitTells::fromArray(json_decode((string) json_encode($tells->toArray()), true)));
    }

    public function test_a_visit_tells_what_was_found_cut_and_combed_and_what_nobody_touched_stays_untold(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(3, 0.2, 9.5), 'belly' => Scene::comb(2, 0.1)], ['coat' => 'curly', 'coatMm' => 60]);
        $scene->do(MarkKind::ArrivalAnswered, [
            'homeBrushing' => 'weekly', 'homeTool' => 'bristle', 'daysSinceCombOut' => 40, 'washedOverKnots' => true, 'chews' => ['forefoot_l'],
        ]);
        $scene->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:9.5'], 'tail')->do(MarkKind::RunStarted, ['scope' => 'whole_coat']);
        $scene->do(MarkKind::SectionTaken, [], 'tail')->do(MarkKind::Clipped, ['mm' => 9.5], 'tail', 60);
        $scene->do(MarkKind::TableCombed, Scene::comb(0), 'tail', 10);

        $tells = WhatItTells::of($scene->report());

        self::assertSame([Section::Tail], $tells->combedOut);
        self::assertSame([Grade::Mat, Grade::Tangle, Grade::Clear], [$tells->found['tail'], $tells->found['belly'], $tells->found['back']]);
        self::assertSame([9.5, 60.0], [$tells->leftMm['tail'], $tells->leftMm['belly']]);
        self::assertSame(60.0, $tells->cameInMm['tail']);
        self::assertSame([40, true, HomeBrushing::TopOnly], [$tells->daysAsTold, $tells->washedOverKnots, $tells->life->home]);
        self::assertSame([Section::ForefootLeft], $tells->life->chewed);
        self::assertGreaterThan(0, $tells->workedMinutes);
    }

    public function test_only_a_groom_that_was_signed_off_is_scissored_to_the_wish(): void
    {
        $scene = Scene::inspected([], ['coat' => 'curly', 'coatMm' => 60]);
        $scene->do(MarkKind::ArrivalAnswered, ['wantedMm' => 40]);
        self::assertSame(60.0, WhatItTells::of($scene->report())->leftMm['back']);

        $scene->do(MarkKind::AftercareChosen, ['items' => []])->do(MarkKind::SignedOff);
        self::assertSame(40.0, WhatItTells::of($scene->report())->leftMm['back']);

        $scene->do(MarkKind::ArrivalAnswered, ['service' => 'bath_and_brush']);
        self::assertSame(60.0, WhatItTells::of($scene->report())->leftMm['back'], 'between grooms nobody cuts');
    }

    public function test_what_a_dog_comes_in_with_follows_its_own_clock_and_its_days_here(): void
    {
        $fast = self::memory(
            self::tells(0, [], combedOut: array_column(Section::cases(), 'value')),
            self::tells(40, self::everywhere(Grade::TightMat), combedOut: array_column(Section::cases(), 'value')),
        );
        $slow = self::memory(
            self::tells(0, [], combedOut: array_column(Section::cases(), 'value')),
            self::tells(40, self::everywhere(Grade::Clear), combedOut: array_column(Section::cases(), 'value')),
        );

        [$mats, $hardly] = [self::expected($fast, 80, 400), self::expected($slow, 80, 400)];

        self::assertSame(40, $mats?->days, 'what the owner says does not count where the salon knows');
        self::assertGreaterThan(1.5 * ($hardly->mats ?? 99), $mats->mats);
        self::assertGreaterThan($hardly->minutes ?? 9999, $mats->minutes);
        self::assertGreaterThan($hardly->tension ?? 9999, $mats->tension);
        self::assertTrue($mats->isOwn);
        self::assertCount(8, $mats->likeliest(), 'not everywhere first');
        self::assertContains(Section::BehindEarLeft, $mats->likeliest());
    }

    public function test_a_new_dog_is_expected_by_what_its_owner_tells_and_nothing_is_made_up_where_nobody_knows(): void
    {
        self::assertNull(self::expected(self::memory(), 80, null));
        self::assertNull(self::expected(self::memory(), 80, 0));
        $told = self::expected(self::memory(), 80, 70);
        self::assertSame([70, false, []], [$told?->days, $told?->isOwn, $told?->likeliest()]);
        $washed = self::expected(self::memory(), 80, 70, true);
        self::assertEqualsWithDelta($told->tangles ?? 0, $washed->mats ?? 0, 1e-12, 'washed over, what was a tangle is a mat');
    }

    private static function expected(DogMemory $memory, int $day, ?int $told, bool $washed = false): ?Expected
    {
        $dog = Dogs::dog(coat: CoatType::Curly, coatMm: 60);

        return Expected::of($dog, Lives::life(), $memory, $told, $washed, self::day($day), HouseRules::shop());
    }

    private static function memory(VisitTells ...$visits): DogMemory
    {
        return DogMemory::of(CoatType::Curly, array_values($visits), new MemoryRules);
    }

    /**
     * @param array<string, Grade> $found
     * @param list<string> $combedOut
     * @param array<string, float>|null $left
     */
    private static function tells(int $day, array $found, ?int $told = null, array $combedOut = [], ?array $left = null): VisitTells
    {
        return new VisitTells(
            self::day($day),
            Lives::life(),
            false,
            $told,
            $found,
            self::lengths(60),
            array_replace(self::lengths(60), $left ?? []),
            array_values(array_map(Section::from(...), $combedOut)),
            30.0,
            4.0,
        );
    }

    /** @return array<string, Grade> */
    private static function everywhere(Grade $grade): array
    {
        return array_fill_keys(array_column(Section::cases(), 'value'), $grade);
    }

    /** @return array<string, float> */
    private static function lengths(float $mm): array
    {
        return array_fill_keys(array_column(Section::cases(), 'value'), $mm);
    }

    private static function day(int $day): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('2026-03-02 10:00', new \DateTimeZone('UTC')))->modify("+{$day} days");
    }
}
