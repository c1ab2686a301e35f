<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** The application around the core: a room per use, arrows one way, so that no use needs what stands before it. */
final class AppArrowsTest extends TestCase
{
    /** Everybody stores something, waits for the others in the salon that was entered, and speaks. */
    private const GROUND = ['Database', 'Words'];

    /** Each room with those it may use. The shapes of answers are a room of their own in Http: what is said on paper reads them, too. */
    private const ARROWS = [
        'Database' => [],
        'Words' => [],
        'Models' => [],
        'Formats' => [],
        'Visits' => ['Models', 'Formats'],
        'Clients' => ['Models', 'Visits'],
        'Schedule' => ['Models', 'Visits', 'Clients'],
        'Salon' => ['Models', 'Clients'],
        'Resources' => ['Models', 'Formats', 'Visits', 'Clients', 'Schedule'],
        'Transfer' => ['Models', 'Formats', 'Visits', 'Clients', 'Salon', 'Resources'],
        'Privacy' => ['Models', 'Visits', 'Schedule', 'Transfer'],
        'Http' => ['Models', 'Visits', 'Clients', 'Schedule', 'Salon', 'Resources', 'Transfer', 'Privacy'],
        'Console' => ['Models', 'Formats', 'Visits', 'Clients', 'Schedule', 'Salon', 'Transfer', 'Privacy'],
        'Providers' => ['Models', 'Visits', 'Clients', 'Salon', 'Resources', 'Privacy'],
    ];

    /** @return iterable<string, array{string, string}> each file with its room */
    public static function files(): iterable
    {
        $all = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::app(), \FilesystemIterator::SKIP_DOTS));
        foreach ($all as $file) {
            $path = substr((string) $file, strlen(self::app()) + 1);
            yield $path => [(string) $file, self::room(str_replace('/', '\\', $path))];
        }
    }

    public function test_a_room_uses_only_those_that_it_may(): void
    {
        foreach (self::files() as $path => [$file, $room]) {
            self::assertArrayHasKey($room, self::ARROWS, "{$path}: every room has a place in the order.");
            $code = (string) file_get_contents($file);
            preg_match_all('/\bApp\\\\(\w+\\\\\w+)/', $code, $used);
            foreach (array_unique(array_map(self::room(...), $used[1])) as $other) {
                self::assertContains($other, [$room, ...self::GROUND, ...self::ARROWS[$room]], "{$path} uses {$other}");
            }
            self::assertStringNotContainsString('Database\\Demo', $code, "{$path} knows the demo");
        }
    }

    /** @param string $name of a class, without `App\` */
    private static function room(string $name): string
    {
        $rooms = explode('\\', $name);

        return array_slice($rooms, 0, 2) === ['Http', 'Resources'] ? 'Resources' : $rooms[0];
    }

    public function test_the_arrows_run_in_no_circle(): void
    {
        $seen = [];
        foreach (self::ARROWS as $folder => $uses) {
            self::assertSame([], array_diff($uses, $seen), "{$folder} uses only what stands above it");
            $seen[] = $folder;
        }
    }

    private static function app(): string
    {
        return dirname(__DIR__, 2).'/app';
    }
}
