<?php

declare(strict_types=1);

namespace App\Formats;

use Opis\JsonSchema\CompliantValidator;

/** One of the open formats of `docs/formats/`, that files are held against. */
final readonly class Schema
{
    private const IDS = 'https://hound-check.invalid/formats/';

    /** @param string $name `coat-case`, `dog-history` */
    public function __construct(private string $name) {}

    /**
     * @param \Closure(mixed): mixed $mended what some writers get wrong without meaning it, put right
     *
     * @return array<string, mixed> the file, valid by the schema
     *
     * @throws UnreadableFile
     */
    public function read(string $json, \Closure $mended): array
    {
        try {
            $data = json_decode($json, false, 64, JSON_THROW_ON_ERROR);
        } catch (\JsonException $failure) {
            throw UnreadableFile::notJson(lcfirst($failure->getMessage()));
        }
        $validator = new CompliantValidator(max_errors: 20, stop_at_first_error: false);
        $id = self::IDS."{$this->name}.schema.json";
        $validator->resolver()?->registerPrefix(self::IDS, base_path('docs/formats'));
        $error = $validator->validate($mended($data), $id)->error();
        if ($error !== null) {
            throw UnreadableFile::fields(SchemaProblems::of($error));
        }

        return json_decode($json, true);
    }

    /** Some writers cannot tell an empty object from an empty list: where an object belongs, an empty list counts as one. */
    public static function emptyListAsObject(mixed $holder, string $field): void
    {
        if (is_object($holder) && ($holder->{$field} ?? null) === []) {
            $holder->{$field} = new \stdClass;
        }
    }
}
