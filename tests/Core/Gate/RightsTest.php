<?php

declare(strict_types=1);

namespace Tests\Core\Gate;

use HoundCheck\Core\Gate\Refusal;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\Role;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

final class RightsTest extends TestCase
{
    #[DataProvider('erasers')]
    public function test_an_owner_erases_a_picture_and_nobody_else(Role $role, ?Refusal $refusal): void
    {
        $scene = Scene::inspected()->do(MarkKind::PhotoTaken, ['moment' => 'before', 'widthPx' => 10, 'heightPx' => 10], 'tail');
        $scene->role = $role;

        self::assertSame($refusal, $scene->refusal(MarkKind::PhotoDeleted, ['photoId' => $scene->lastId(), 'reason' => 'Blurred']));
    }

    /** @return iterable<string, array{Role, Refusal|null}> */
    public static function erasers(): iterable
    {
        yield 'an owner' => [Role::Owner, null];
        yield 'a groomer' => [Role::Groomer, Refusal::NeedsAnOwner];
        yield 'an apprentice' => [Role::Apprentice, Refusal::NeedsAnOwner];
    }

    public function test_a_picture_is_erased_once_and_only_if_it_is_there(): void
    {
        $scene = Scene::inspected()->do(MarkKind::PhotoTaken, ['moment' => 'before', 'widthPx' => 10, 'heightPx' => 10], 'tail');
        $photo = ['photoId' => $scene->lastId(), 'reason' => 'Blurred'];
        $scene->role = Role::Owner;
        self::assertSame(Refusal::NoSuchPhoto, $scene->refusal(MarkKind::PhotoDeleted, ['photoId' => 'another', 'reason' => 'Blurred']));
        $scene->do(MarkKind::PhotoDeleted, $photo);

        self::assertSame(Refusal::NoSuchPhoto, $scene->refusal(MarkKind::PhotoDeleted, $photo));
    }

    #[DataProvider('days')]
    public function test_a_closed_visit_takes_marks_that_come_late_for_a_week(string $wait, ?Refusal $refusal): void
    {
        $scene = Scene::inspected()->do(MarkKind::Stopped, ['reason' => 'Ill'])->wait($wait);

        self::assertSame($refusal, $scene->refusal(MarkKind::Withdrawn, ['markId' => $scene->lastId()]));
    }

    /** @return iterable<string, array{string, Refusal|null}> */
    public static function days(): iterable
    {
        yield 'within the week' => ['+6 days 23 hours', null];
        yield 'after it' => ['+7 days 1 hour', Refusal::VisitClosed];
    }
}
