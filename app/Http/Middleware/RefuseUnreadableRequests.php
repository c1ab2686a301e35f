<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\UnusableValue;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\UnsupportedMediaTypeHttpException;

/**
 * The API takes JSON in UTF-8, files apart, and not more of it than a day's work makes: whatever else comes is refused
 * before anybody reads it, so that nothing can be stored that could not be shown.
 */
final class RefuseUnreadableRequests
{
    private const MOST_BYTES = 1024 * 1024;

    private const DEPTH = 32;

    private const HIDDEN = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F\x{80}-\x{9F}\x{202A}-\x{202E}\x{2066}-\x{2069}]/u';

    /** Where a file may come as a form. */
    private const FILES = ['api/visits/*/photos', 'api/dossiers', 'api/imports'];

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->is('api/*')) {
            $isFile = $request->isMethod('POST') && $request->is(...self::FILES) && $request->getContentTypeFormat() === 'form';
            $isFile ? $this->checkText($request->request->all()) : $this->checkBody($request);
            $this->checkText($request->query->all());
        }

        return $next($request);
    }

    private function checkBody(Request $request): void
    {
        if ((int) $request->headers->get('Content-Length') > self::MOST_BYTES || strlen($request->getContent()) > self::MOST_BYTES) {
            throw new HttpException(413);
        }
        if ($request->files->count() > 0 || ($request->getContent() === '' && $request->request->count() > 0)) {
            throw new UnsupportedMediaTypeHttpException;
        }
        if ($request->getContent() === '') {
            return;
        }
        if ($request->getContentTypeFormat() !== 'json') {
            throw new UnsupportedMediaTypeHttpException;
        }
        $body = json_decode($request->getContent(), true, self::DEPTH);
        if (! is_array($body)) {
            throw new BadRequestHttpException;
        }
        $this->checkValues($body);
    }

    /** @param array<array-key, mixed> $values */
    private function checkText(array $values): void
    {
        array_walk_recursive($values, function (mixed $value, string|int $name): void {
            if (! mb_check_encoding($name.(is_scalar($value) ? (string) $value : ''), 'UTF-8')) {
                throw new BadRequestHttpException;
            }
        });
        $this->checkValues($values);
    }

    /**
     * Numbers that are none (1e999), and characters that nobody sees: control characters but for those that part lines, and those
     * that turn the direction of what stands after them.
     *
     * @param array<array-key, mixed> $values
     */
    private function checkValues(array $values): void
    {
        array_walk_recursive($values, function (mixed $value): void {
            if (is_float($value) && ! is_finite($value)) {
                throw UnusableValue::noNumber();
            }
            if (is_string($value) && preg_match(self::HIDDEN, $value) === 1) {
                throw UnusableValue::hiddenCharacters();
            }
        });
    }
}
