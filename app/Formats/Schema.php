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
        $this->check($mended(self::decode($json)));

        return json_decode($json, true);
    }

    /**
     * @return \stdClass the file as it is written, valid by the schema: an empty object stays one
     *
     * @throws UnreadableFile
     */
    public function objects(string $json): \stdClass
    {
        $data = self::decode($json);
        $this->check($data);

        return $data instanceof \stdClass ? $data : throw UnreadableFile::notJson('no object');
    }

    private static function decode(string $json): mixed
    {
        try {
            return json_decode($json, false, 64, JSON_THROW_ON_ERROR);
        } catch (\JsonException $failure) {
            throw UnreadableFile::notJson(lcfirst($failure->getMessage()));
        }
    }

    private function check(mixed $data): void
    {
        $validator = new CompliantValidator(max_errors: 20, stop_at_first_error: false);
        $id = self::IDS."{$this->name}.schema.json";
        $validator->resolver()?->registerPrefix(self::IDS, base_path('docs/formats'));
        $error = $validator->validate($data, $id)->error();
        if ($error !== null) {
            throw UnreadableFile::fields(SchemaProblems::of($error));
        }
    }

    /** Some writers cannot tell an empty object from an empty list: where an object belongs, an empty list counts as one. */
    public static function emptyListAsObject(mixed $holder, string $field): void
    {
        if (is_object($holder) && ($holder->{$field} ?? null) === []) {
            $holder->{$field} = new \stdClass;
        }
    }
}
