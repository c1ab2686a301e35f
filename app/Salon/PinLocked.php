<?php

declare(strict_types=1);

namespace App\Salon;

use App\Words\SaysItself;
use App\Words\Words;
use Illuminate\Http\Exceptions\ThrottleRequestsException;

/** Too many wrong PINs: the password is asked for. */
final class PinLocked extends ThrottleRequestsException implements SaysItself
{
    public static function for(int $seconds): self
    {
        $minutes = max(1, (int) ceil($seconds / 60));

        return new self(Words::of('sign_in.pin_locked', ['minutes' => $minutes]), headers: ['Retry-After' => (string) $seconds]);
    }
}
