<?php

declare(strict_types=1);

namespace App\Visits;

/** A file that cannot be kept as a photo. `problem` names the sentence in lang/. */
final class UnusablePhoto extends \DomainException
{
    private function __construct(public readonly string $problem)
    {
        parent::__construct($problem);
    }

    public static function notAPicture(): self
    {
        return new self('not_a_picture');
    }

    public static function cutOff(): self
    {
        return new self('cut_off');
    }

    public static function tooManyPixels(): self
    {
        return new self('too_many_pixels');
    }
}
