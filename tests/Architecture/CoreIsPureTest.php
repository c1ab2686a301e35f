<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** The rules of the job know no framework, no clock and no disk, and later chapters build on earlier ones only. */
final class CoreIsPureTest extends TestCase
{
    /** The chapters in the order of the work. */
    private const CHAPTERS = [
        'Coat',
        'Dog',
        'House',
        'CombCheck',
        'Effort',
        'Tolerance',
        'Memory',
        'Owner',
        'Plan',
        'Marks',
        'Arrival',
        'Inspection',
        'Table',
        'Bath',
        'Home',
        'Visit',
        'Gate',
        'Day',
    ];

    private const IMPURE = [
        'time', 'microtime', 'hrtime', 'date', 'gmdate', 'mktime', 'strtotime', 'date_create', 'getdate', 'localtime', 'rand', 'mt_rand', 'random_int',
        'random_bytes', 'uniqid', 'shuffle', 'array_rand', 'getenv', 'putenv', 'ini_set', 'file_get_contents', 'file_put_contents', 'fopen', 'fwrite',
        'unlink', 'is_file', 'file_exists', 'readfile', 'glob', 'scandir', 'mkdir', 'exec', 'shell_exec', 'system', 'passthru', 'proc_open',
        'error_log', 'mail', 'header', 'setcookie', 'curl_init', 'sleep', 'usleep', 'setlocale', 'date_default_timezone_set',
    ];

    public function test_core_imports_nothing_but_php_and_itself(): void
    {
        foreach (self::files() as $file) {
            foreach (self::names($file) as $name) {
                $own = str_starts_with($name, 'HoundCheck\\Core\\');
                self::assertTrue(
                    $own
                        || class_exists($name)
                        && (new \ReflectionClass($name))->isInternal()
                        || interface_exists($name)
                        && (new \ReflectionClass($name))->isInternal(),
                    "{$file} uses {$name}",
                );
            }
        }
    }

    public function test_core_calls_only_functions_of_php_and_none_that_reaches_outside(): void
    {
        $internal = array_flip(get_defined_functions()['internal']);
        foreach (self::files() as $file) {
            foreach (self::calledFunctions($file) as $function) {
                self::assertArrayHasKey($function, $internal, "{$file} calls {$function}()");
                self::assertNotContains($function, self::IMPURE, "{$file} calls {$function}()");
            }
        }
    }

    public function test_core_never_asks_what_time_it_is_nor_keeps_state(): void
    {
        foreach (self::files() as $file) {
            $code = (string) file_get_contents($file);
            self::assertDoesNotMatchRegularExpression('/new \\\\?DateTime(Immutable)?\s*(\(\s*\)|;)/', $code, $file);
            self::assertDoesNotMatchRegularExpression('/^\s*(private|protected|public)\s+static\s+(?!function)/m', $code, $file);
            self::assertDoesNotMatchRegularExpression('/\bstatic\s+\$/', $code, $file);
            self::assertDoesNotMatchRegularExpression('/\bglobal\s+\$|\$_(GET|POST|SERVER|ENV|COOKIE|SESSION|FILES)\b/', $code, $file);
        }
    }

    public function test_a_chapter_uses_earlier_chapters_only(): void
    {
        $place = array_flip(self::CHAPTERS);
        foreach (self::files() as $file) {
            if (preg_match('~core/(\w+)/~', $file, $own) !== 1) {
                continue;
            }
            self::assertArrayHasKey($own[1], $place, "{$file} lies in a chapter without a place in the order");
            foreach (self::names($file) as $name) {
                if (preg_match('/^HoundCheck\\\\Core\\\\(\w+)\\\\/', $name, $used) === 1) {
                    self::assertLessThanOrEqual($place[$own[1]], $place[$used[1]], "{$file} uses the later chapter {$used[1]}");
                }
            }
        }
    }

    public function test_every_file_of_ours_is_strict_about_types(): void
    {
        foreach (['core', 'app', 'database', 'tests', 'routes', 'config'] as $folder) {
            foreach (self::files($folder) as $file) {
                self::assertStringContainsString('declare(strict_types=1);', (string) file_get_contents($file), $file);
            }
        }
    }

    /** @return list<string> */
    private static function files(string $folder = 'core'): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
            dirname(__DIR__, 2)."/{$folder}",
            \FilesystemIterator::SKIP_DOTS,
        )) as $file) {
            if ($file->getExtension() === 'php') {
                $files[] = $file->getPathname();
            }
        }
        self::assertNotEmpty($files);

        return $files;
    }

    /** @return list<string> class names that a file imports or writes out in full */
    private static function names(string $file): array
    {
        $names = [];
        foreach (\PhpToken::tokenize((string) file_get_contents($file)) as $token) {
            if ($token->is(T_NAME_FULLY_QUALIFIED) || $token->is(T_NAME_QUALIFIED)) {
                $names[] = ltrim($token->text, '\\');
            }
        }

        return array_values(array_filter(
            $names,
            fn(string $name): bool => preg_match('/^HoundCheck\\\\Core(\\\\\w+(\\\\Marks)?)?$/', $name) !== 1,
        ));
    }

    /** @return list<string> */
    private static function calledFunctions(string $file): array
    {
        $tokens = array_values(array_filter(
            \PhpToken::tokenize((string) file_get_contents($file)),
            fn(\PhpToken $token): bool => ! $token->isIgnorable(),
        ));
        $called = [];
        $brackets = 0;
        foreach ($tokens as $index => $token) {
            // The name of an attribute looks like a function's.
            $brackets = match (true) {
                $token->is(T_ATTRIBUTE) => 1,
                $brackets > 0 => $brackets + ($token->text === '[' ? 1 : 0) - ($token->text === ']' ? 1 : 0),
                default => 0,
            };
            if ($brackets > 0 && ($tokens[$index - 1] ?? null)?->is([T_ATTRIBUTE, ',']) === true) {
                continue;
            }
            $before = $tokens[$index - 1] ?? null;
            $isCall = $token->is(T_STRING) && ($tokens[$index + 1] ?? null)?->text === '(';
            if ($isCall && ! ($before?->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION, T_NEW]) ?? false)) {
                $called[] = strtolower($token->text);
            }
        }

        return array_values(array_diff($called, ['match', 'array', 'list']));
    }
}
