<?php

declare(strict_types=1);

namespace Tests\Core\Marks;

use HoundCheck\Core\Marks\Fields\Changes;
use HoundCheck\Core\Marks\Fields\Parameter;
use HoundCheck\Core\Marks\Fields\Shape;
use HoundCheck\Core\Marks\Fields\Way;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Place;
use Symfony\Component\Yaml\Yaml;

/**
 * What is written from the classes in `core/Marks/Kinds/`: their names, the payloads and the sent marks of the API's description, and
 * the screens' table of kinds. Written by `php tests/Core/Marks/write.php`, held equal by a test.
 */
final class KindPages
{
    private const ROOT = __DIR__.'/../../..';

    private const API = self::ROOT.'/docs/formats/openapi.yaml';

    private const SEEN = 'The last number of the visit that the device had when the hand made the mark; '
        .'answers that did not see one another are asked';

    private const FROM = "    # From core/Marks/Kinds, by tests/Core/Marks/write.php:\n";

    private const TO = "    # to here.\n";

    private const NAMES = <<<'PHP'
        <?php

        declare(strict_types=1);

        namespace HoundCheck\Core\Marks;

        /** The kinds of mark by name: the classes in Kinds/ say all of them. Written by tests/Core/Marks/write.php. */
        enum MarkKind: string
        {
        %s
            /** @return class-string<Payload> */
            public function payload(): string
            {
                /** @var class-string<Payload> $payload */
                $payload = __NAMESPACE__."\\Kinds\\{$this->name}";

                return $payload;
            }

            public function declared(): Kind
            {
                return Kind::of($this->payload());
            }
        }

        PHP;

    private const SCREENS = <<<'TS'
        import type { MarkKind } from '@/api/types';

        /** What the screens know of each kind of mark. Written from core/Marks/Kinds by tests/Core/Marks/write.php. */
        interface Kind {
          readonly phase: 'arrival' | 'inspection' | 'plan' | 'table' | 'bath' | 'end' | 'any';
          readonly handsOn: boolean;
          readonly undoable: boolean;
        }

        // prettier-ignore
        export const KINDS: Readonly<Record<MarkKind, Kind>> = {
        %s};

        TS;

    /** @return array<string, string> text by the path of its file */
    public static function texts(): array
    {
        return [
            self::ROOT.'/core/Marks/MarkKind.php' => self::names(),
            self::ROOT.'/resources/js/visit/kinds.ts' => self::screens(),
            self::API => self::api(),
        ];
    }

    /** @return array<string, class-string<Payload>> by the name of the kind, in the order of the visit */
    private static function kinds(): array
    {
        $kinds = [];
        foreach (glob(self::ROOT.'/core/Marks/Kinds/*.php') ?: [] as $file) {
            $name = basename($file, '.php');
            /** @var class-string<Payload> $class */
            $class = "HoundCheck\\Core\\Marks\\Kinds\\{$name}";
            $kinds[strtolower((string) preg_replace('/(?<!^)[A-Z]/', '_$0', $name))] = $class;
        }
        $phases = array_flip(array_map(fn(\UnitEnum $phase): string => $phase->name, \HoundCheck\Core\Marks\Phase::cases()));
        $place = fn(string $kind): int => $phases[Kind::of($kind)->phase->name];
        uasort($kinds, fn(string $one, string $other): int => $place($one) <=> $place($other));

        return $kinds;
    }

    private static function names(): string
    {
        $cases = '';
        foreach (self::kinds() as $kind => $class) {
            $cases .= sprintf("    case %s = '%s';\n", (new \ReflectionClass($class))->getShortName(), $kind);
        }

        return sprintf(self::NAMES, $cases);
    }

    private static function screens(): string
    {
        $rows = '';
        foreach (self::kinds() as $kind => $class) {
            $said = Kind::of($class);
            $rows .= sprintf(
                "  %s: { phase: '%s', handsOn: %s, undoable: %s },\n",
                $kind,
                $said->phase->value,
                var_export($said->handsOn, true),
                var_export($said->undoable, true),
            );
        }

        return sprintf(self::SCREENS, $rows);
    }

    private static function api(): string
    {
        $page = (string) file_get_contents(self::API);
        $written = '';
        foreach ([
            ['MarkKind', 2, ['type' => 'string', 'enum' => array_keys(self::kinds())]],
            ...self::payloads($page),
            ['SentMark', 3, self::sentMark()],
        ] as [$name, $depth, $schema]) {
            $written .= rtrim((string) preg_replace('/^/m', '    ', Yaml::dump([$name => $schema], $depth, 2)))."\n";
        }
        $from = (int) strpos($page, self::FROM) + strlen(self::FROM);

        return substr($page, 0, $from).$written.substr($page, (int) strpos($page, self::TO));
    }

    /** @return list<array{string, int, array<string, mixed>}> name, depth and schema of what a mark of each kind holds */
    private static function payloads(string $page): array
    {
        $words = self::words($page);

        return array_values(array_map(
            fn(string $class): array => [self::nameOf($class), 3, self::named(self::payload($class), $words)],
            self::kinds(),
        ));
    }

    /** @param class-string<Payload> $class */
    private static function nameOf(string $class): string
    {
        return (new \ReflectionClass($class))->getShortName().'Payload';
    }

    /** @return array<string, mixed> */
    private static function sentMark(): array
    {
        $ulid = ['type' => 'string', 'pattern' => '^[0-9A-HJKMNP-TV-Z]{26}$', 'description' => 'ULID'];
        $section = ['$ref' => '#/components/schemas/SectionId'];
        $kinds = [];
        foreach (self::kinds() as $kind => $class) {
            $place = Kind::of($class)->place;
            $kinds[] = [
                'required' => ['kind', 'payload', ...($place === Place::Section ? ['section'] : [])],
                'properties' => [
                    'kind' => ['const' => $kind],
                    'section' => match ($place) {
                        Place::Section => $section,
                        Place::Either => ['oneOf' => [$section, ['type' => 'null']]],
                        Place::Visit => ['type' => 'null'],
                    },
                    'payload' => ['$ref' => '#/components/schemas/'.self::nameOf($class)],
                ],
            ];
        }

        return [
            'type' => 'object',
            'required' => ['id', 'kind', 'at', 'device'],
            'properties' => [
                'id' => $ulid,
                'kind' => ['$ref' => '#/components/schemas/MarkKind'],
                'at' => ['type' => 'string', 'format' => 'date-time'],
                'device' => $ulid,
                'seen' => [
                    'type' => ['integer', 'null'],
                    'minimum' => 0,
                    'description' => self::SEEN,
                ],
            ],
            'oneOf' => $kinds,
            'unevaluatedProperties' => false,
        ];
    }

    /**
     * @param class-string<Payload> $class
     *
     * @return array<string, mixed>
     */
    private static function payload(string $class): array
    {
        $shape = Shape::of($class);
        $needed = array_keys(array_filter($shape->parameters, fn(Parameter $one): bool => $one->isNeeded));
        $said = self::said($class);
        if ($shape->ways === []) {
            return self::object($shape->parameters, $needed, $said);
        }

        return ['anyOf' => array_map(fn(Way $way): array => self::way($way, $shape, $said), array_reverse($shape->ways))];
    }

    /**
     * @param array<string, string> $said
     *
     * @return array<string, mixed>
     */
    private static function way(Way $way, Shape $shape, array $said): array
    {
        $object = self::object(array_intersect_key($shape->parameters, array_flip([...$way->needs, ...$way->may])), $way->needs, $said);
        foreach (array_diff(array_keys($shape->parameters), $way->needs, $way->may) as $other) {
            $object['properties'][$other] = ['type' => 'null'];
        }

        return $object;
    }

    /**
     * @param array<string, Parameter> $parameters
     * @param list<string> $needed
     * @param array<string, string> $said
     *
     * @return array<string, mixed>
     */
    private static function object(array $parameters, array $needed, array $said): array
    {
        $properties = [];
        foreach ($parameters as $name => $parameter) {
            $schema = in_array($name, $needed, true) ? $parameter->field->neededSchema() : self::orNull($parameter->field->schema());
            $properties[$name] = isset($said[$name]) ? [...$schema, 'description' => $said[$name]] : $schema;
        }

        return [
            'type' => 'object',
            ...($needed === [] ? [] : ['required' => $needed]),
            ...($properties === [] ? [] : ['properties' => $properties]),
            'additionalProperties' => false,
        ];
    }

    /**
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed>
     */
    private static function orNull(array $schema): array
    {
        return isset($schema['enum']) || ($schema['type'] === 'integer' && $schema['minimum'] === 0 && $schema['maximum'] === 5)
            ? ['oneOf' => [$schema, ['type' => 'null']]]
            : [...$schema, 'type' => [$schema['type'], 'null']];
    }

    /**
     * What the docblock of the constructor says of each parameter.
     *
     * @param class-string $class
     *
     * @return array<string, string>
     */
    private static function said(string $class): array
    {
        $constructor = (new \ReflectionClass($class))->getConstructor();
        $changes = ($constructor?->getParameters()[0] ?? null)?->getAttributes(Changes::class)[0] ?? null;
        if ($changes !== null) {
            return self::said($changes->newInstance()->of);
        }
        $doc = str_replace(' */', '', (string) $constructor?->getDocComment());
        preg_match_all('/@param \S+(?: \S+>)? \$(\w+) (.+)$/m', $doc, $lines, PREG_SET_ORDER);

        return array_column($lines, 2, 1);
    }

    /**
     * Lists that have a name of their own in the description stand there by it.
     *
     * @param array<string, mixed> $schema
     * @param array<string, array<string, mixed>> $words
     *
     * @return array<string, mixed>
     */
    private static function named(array $schema, array $words): array
    {
        $description = array_intersect_key($schema, ['description' => 0]);
        $name = array_search(array_diff_key($schema, ['description' => 0]), $words, false);
        if ($name !== false) {
            return ['$ref' => "#/components/schemas/{$name}", ...$description];
        }

        return array_map(fn(mixed $part): mixed => is_array($part) ? self::named($part, $words) : $part, $schema);
    }

    /** @return array<string, array<string, mixed>> closed lists, scales and codes by the name they have in the description */
    private static function words(string $page): array
    {
        $schemas = Yaml::parse($page)['components']['schemas'];
        $bare = array_map(fn(array $schema): array => array_diff_key($schema, ['description' => 0]), $schemas);

        return array_filter(
            array_diff_key($bare, ['MarkKind' => 0]),
            fn(array $schema, string $name): bool => isset($schema['enum']) || $name === 'Grade' || $name === 'TreatmentCode',
            ARRAY_FILTER_USE_BOTH,
        );
    }
}
