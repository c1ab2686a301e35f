<?php

declare(strict_types=1);

namespace App\Http;

use App\Words\SaysItself;
use App\Words\Words;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\Request;
use Illuminate\Routing\Exceptions\InvalidSignatureException;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use League\Flysystem\UnableToWriteFile;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** How the API says that something went wrong: `code` for the program, `message` in plain words, `fields` where they apply. */
final class Problem
{
    private const CODES = [
        400 => 'unreadable',
        401 => 'signed_out',
        403 => 'not_allowed',
        404 => 'not_found',
        405 => 'not_found',
        409 => 'conflict',
        413 => 'too_large',
        415 => 'not_json',
        419 => 'session_expired',
        423 => 'password_again',
        429 => 'too_many',
        503 => 'busy',
        507 => 'disk_full',
    ];

    public static function for(Throwable $failure, Request $request): ?Answer
    {
        if (! $request->is('api/*')) {
            return null;
        }
        if ($failure instanceof ValidationException) {
            return self::answer(422, 'invalid', Words::of('problems.invalid'), $failure->errors());
        }
        if ($failure instanceof InvalidSignatureException) {
            return self::answer(403, 'link_over', Words::of('clients.link_over'));
        }
        $status = match (true) {
            $failure instanceof AuthenticationException => 401,
            $failure instanceof TokenMismatchException => 419,
            $failure instanceof ModelNotFoundException => 404,
            $failure instanceof HttpExceptionInterface => $failure->getStatusCode(),
            // What fails at COMMIT is no query any more.
            $failure instanceof PDOException => self::ofTheDatabase($failure),
            $failure instanceof UnableToWriteFile => 507,
            default => 500,
        };
        $code = self::CODES[$status] ?? 'failed';
        // A 403 is one of our gates.
        $saysItself = $failure instanceof SaysItself || $status === 403;
        $message = $saysItself ? $failure->getMessage() : Words::of("problems.{$code}");
        $answer = self::answer($status, $code, $message);
        if ($failure instanceof HttpExceptionInterface) {
            $answer->headers->add($failure->getHeaders());
        }

        return $answer;
    }

    /** A database that takes no more, or that others hold for long, is no fault of the request. */
    private static function ofTheDatabase(PDOException $failure): int
    {
        return match (true) {
            str_contains($failure->getMessage(), 'database or disk is full') => 507,
            str_contains($failure->getMessage(), 'readonly database'), str_contains($failure->getMessage(), 'disk I/O error') => 507,
            str_contains($failure->getMessage(), 'database is locked') => 503,
            default => 500,
        };
    }

    /** @param array<string, list<string>> $fields */
    private static function answer(int $status, string $code, string $message, array $fields = []): Answer
    {
        return new Answer(['code' => $code, 'message' => $message] + ($fields === [] ? [] : ['fields' => $fields]), $status);
    }
}
