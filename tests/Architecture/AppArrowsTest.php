<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The application around the core: a folder per use, arrows one way, so that no use needs what stands before it. */
final class AppArrowsTest extends TestCase
{
    /** Whoever stores something waits for the others, in the salon that was entered. */
    private const GROUND = ['Database', 'Salons'];

    /** Each folder with those it may use. */
    private const ARROWS = [
        'Database' => [],
        'Salons' => [],
        'Models' => [],
        'Backup' => [],
        'Formats' => [],
        'CoatCase' => ['Formats'],
        'DogHistory' => ['Formats'],
        'DayFile' => ['Formats'],
        'Photos' => ['Models'],
        'House' => ['Models'],
        'Clocks' => ['Models'],
        'Memory' => ['Models'],
        'Chain' => ['Models'],
        'Visits' => ['Models', 'Photos', 'Clocks', 'Memory', 'CoatCase'],
        'Messages' => ['Models', 'Visits'],
        'Clients' => ['Models', 'Visits', 'Messages'],
        'Owners' => ['Models', 'Memory', 'Visits', 'Messages'],
        'Appointments' => ['Models', 'Clocks', 'Memory', 'Messages'],
        'Calendar' => ['Models'],
        'Export' => [],
        'Days' => ['Models', 'Clocks', 'Visits', 'Appointments'],
        'Answers' => ['Models', 'CoatCase', 'Memory', 'Visits', 'Messages', 'Owners', 'Appointments', 'Days'],
        'Dossier' => ['Models', 'Formats', 'Photos', 'Memory', 'Visits', 'Clients', 'Export'],
        'Privacy' => ['Models', 'Memory', 'Visits', 'Photos', 'Appointments', 'Export', 'Dossier'],
        'Import' => ['Models', 'House', 'Clients'],
        'Sheets' => ['Models', 'Photos', 'House', 'Messages', 'Answers'],
        'Health' => ['Models', 'Backup', 'Messages'],
        'Http' => ['Models', 'Backup', 'Photos', 'House', 'Clocks', 'Memory', 'Visits', 'Messages', 'Clients', 'Owners', 'Appointments', 'Calendar', 'Export', 'Days', 'Answers', 'Dossier', 'Privacy', 'Import', 'Sheets', 'Health', 'Chain'],
        'Console' => ['Models', 'Chain', 'Backup', 'Health', 'House', 'Dossier', 'Privacy', 'Formats', 'Photos', 'Clocks', 'Memory', 'CoatCase', 'DogHistory', 'DayFile', 'Visits', 'Messages', 'Clients', 'Appointments'],
        'Providers' => ['Models', 'Backup', 'Privacy', 'Chain', 'House', 'Photos', 'Visits', 'Messages', 'Clients', 'Answers'],
    ];

    /** @return iterable<string, array{string}> */
    public static function folders(): iterable
    {
        foreach (array_map(basename(...), glob(self::app().'/*', GLOB_ONLYDIR) ?: []) as $folder) {
            yield $folder => [$folder];
        }
    }

    #[DataProvider('folders')]
    public function test_a_folder_uses_only_those_that_it_may(string $folder): void
    {
        self::assertArrayHasKey($folder, self::ARROWS, 'Every folder has a place in the order.');
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
            self::app()."/{$folder}",
            \FilesystemIterator::SKIP_DOTS,
        )) as $file) {
            preg_match_all('/\bApp\\\\(\w+)\\\\/', (string) file_get_contents((string) $file), $used);
            foreach (array_unique($used[1]) as $other) {
                self::assertContains($other, [$folder, ...self::GROUND, ...self::ARROWS[$folder]], "{$file} uses {$other}");
            }
            self::assertStringNotContainsString('Database\\Demo', (string) file_get_contents((string) $file), "{$file} knows the demo");
        }
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
