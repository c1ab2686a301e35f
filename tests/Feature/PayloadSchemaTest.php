<?php

declare(strict_types=1);

namespace Tests\Feature;

use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\UnreadableMark;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What PHP takes as the content of a mark is what the API's description says: the same payloads are taken, the same refused. */
final class PayloadSchemaTest extends TestCase
{
    private const ID = 'https://hound-check.invalid/openapi';

    private static ?Validator $validator = null;

    /** @return iterable<string, array{MarkKind}> */
    public static function kinds(): iterable
    {
        foreach (MarkKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function test_reader_and_schema_agree(MarkKind $kind): void
    {
        $schema = self::schema()["{$kind->name}Payload"] ?? self::fail("{$kind->value} has no payload in openapi.yaml");
        $taken = $refused = 0;
        foreach (self::payloads(self::resolve($schema)) as $payload) {
            if ($kind === MarkKind::GradeJudged && ($payload['grade'] ?? 0) === ($payload['instead'] ?? 1)) {
                // That a grade stands against another one is beyond a schema; the reader's own tests hold it.
                continue;
            }
            $bySchema = self::fitsSchema($kind, $payload);
            self::assertSame($bySchema, self::fitsReader($kind, $payload), "{$kind->value}: ".json_encode($payload));
            $bySchema ? $taken++ : $refused++;
        }

        self::assertGreaterThan(0, $taken, 'some payload is taken');
        self::assertGreaterThan(0, $refused, 'some payload is refused');
    }

    public function test_no_kind_of_mark_is_described_that_does_not_exist(): void
    {
        self::assertEqualsCanonicalizing(
            array_map(fn(MarkKind $kind): string => "{$kind->name}Payload", MarkKind::cases()),
            array_filter(array_keys(self::schema()), fn(string $name): bool => str_ends_with($name, 'Payload')),
        );
        self::assertEqualsCanonicalizing(array_column(MarkKind::cases(), 'value'), self::schema()['MarkKind']['enum']);
    }

    /** @param array<string, mixed> $payload */
    private static function fitsReader(MarkKind $kind, array $payload): bool
    {
        $section = $kind->declared()->place === Place::Section ? 'tail' : null;
        try {
            (new MarkReader)->read($kind, 'M1', $section, new \DateTimeImmutable('2026-06-09'), 'Imke', $payload);

            return true;
        } catch (UnreadableMark) {
            return false;
        }
    }

    /** @param array<string, mixed> $payload */
    private static function fitsSchema(MarkKind $kind, array $payload): bool
    {
        if (self::$validator === null) {
            self::$validator = new Validator;
            self::$validator->resolver()?->registerRaw((string) json_encode(Contract::document()), self::ID);
        }
        $data = json_decode((string) json_encode((object) $payload));

        return self::$validator->validate($data, self::ID."#/components/schemas/{$kind->name}Payload")->isValid();
    }

    /**
     * Valid ones, and each field left out, of another type, under and over its bounds; and a field that does not exist.
     *
     * @param array<string, mixed> $schema
     *
     * @return iterable<array<string, mixed>>
     */
    private static function payloads(array $schema): iterable
    {
        foreach ($schema['anyOf'] ?? [$schema] as $one) {
            $fields = array_map(self::resolve(...), $one['properties'] ?? []);
            $whole = array_map(fn(array $field): mixed => self::values($field)[0], $fields);
            yield $whole;
            yield array_intersect_key($whole, array_flip($one['required'] ?? []));
            yield [...$whole, 'wings' => 2];
            foreach ($fields as $name => $field) {
                yield array_diff_key($whole, [$name => true]);
                foreach ([...self::values($field), ...self::strange($field)] as $value) {
                    yield [...$whole, $name => $value];
                }
            }
        }
    }

    /**
     * @param array<string, mixed> $field
     *
     * @return non-empty-list<mixed> that fit
     */
    private static function values(array $field): array
    {
        $types = (array) ($field['type'] ?? []);

        return match (true) {
            isset($field['const']) => [$field['const']],
            $types === ['null'] => [null],
            isset($field['enum']) => $field['enum'],
            isset($field['oneOf']) => self::values(self::resolve($field['oneOf'][0])),
            in_array('array', $types, true) => [array_slice(self::resolve($field['items'])['enum'], 0, 2), []],
            in_array('object', $types, true) => [['tail' => self::values(self::resolve($field['additionalProperties']))[0]]],
            in_array('boolean', $types, true) => [true, false],
            ($field['format'] ?? '') === 'date-time' => ['2026-06-09T13:45:00Z', '2026-06-09T15:45:00+02:00'],
            in_array('string', $types, true) => match ($field['pattern'] ?? '\S') {
                '\S' => ['x', str_repeat('ü', $field['maxLength'])],
                '^([ML]\d{1,3},\d{1,3})*$' => ['M1,2L3,4'],
                '^[0-9A-HJKMNP-TV-Za-hjkmnp-tv-z]{26}$' => ['01JZ00000000000000000000AB', null],
                default => ['brush', 'clip:6.3'],
            },
            default => [$field['minimum'], $field['maximum']],
        };
    }

    /**
     * @param array<string, mixed> $field
     *
     * @return list<mixed> of other types, and past the bounds
     */
    private static function strange(array $field): array
    {
        $past = array_filter(
            [
                isset($field['minimum']) ? $field['minimum'] - 1 : null,
                isset($field['maximum']) ? $field['maximum'] + 1 : null,
                isset($field['maxLength']) ? str_repeat('x', $field['maxLength'] + 1) : null,
            ],
            fn(mixed $value): bool => $value !== null,
        );

        return [null, 7.5, 'seven', ['a' => 'b'], ['b'], true, -1, 'clip:0.333', ...$past];
    }

    /**
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed>
     */
    private static function resolve(array $schema): array
    {
        return isset($schema['$ref']) ? self::resolve(self::schema()[basename($schema['$ref'])]) : $schema;
    }

    /** @return array<string, array<string, mixed>> */
    private static function schema(): array
    {
        return Contract::document()['components']['schemas'];
    }
}
