<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use Symfony\Component\Yaml\Yaml;

/** Holds real answers against docs/formats/openapi.yaml. */
final class Contract
{
    private const ID = 'https://hound-check.invalid/openapi';

    private static ?array $document = null;

    /** One for all: it keeps what it has read of the document. */
    private static ?Validator $validator = null;

    public static function holds(string $method, string $path, TestResponse $response): void
    {
        $document = self::document();
        $status = $response->getStatusCode();
        Assert::assertArrayHasKey($path, $document['paths'], "{$path} is not described");
        Assert::assertArrayHasKey(
            $status,
            $document['paths'][$path][$method]['responses'] ?? [],
            "{$method} {$path} does not describe {$status}",
        );
        $described = $document['paths'][$path][$method]['responses'][$status];
        $pointer = isset($described['$ref'])
            ? ltrim($described['$ref'], '#')
            : '/paths/'.str_replace(['~', '/'], ['~0', '~1'], $path)."/{$method}/responses/{$status}";
        if (! isset($described['$ref']) && ! isset($described['content'])) {
            Assert::assertSame('', $response->getContent());

            return;
        }
        $result = self::validator()->validate(
            json_decode((string) $response->getContent()),
            self::ID.'#'.str_replace('{', '%7B', str_replace('}', '%7D', "{$pointer}/content/application~1json/schema")),
        );
        Assert::assertTrue(
            $result->isValid(),
            $result->error() === null ? '' : (string) json_encode((new ErrorFormatter)->format($result->error())),
        );
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator;
            self::$validator->resolver()?->registerRaw((string) json_encode(self::document()), self::ID);
        }

        return self::$validator;
    }

    /** @return array<string, mixed> */
    public static function document(): array
    {
        return self::$document ??= Yaml::parseFile(dirname(__DIR__, 2).'/docs/formats/openapi.yaml');
    }
}
