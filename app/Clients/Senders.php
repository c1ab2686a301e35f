<?php

declare(strict_types=1);

namespace App\Clients;

/** Which way messages take, by what is set up. */
final class Senders
{
    /** Mailers that write to a file and reach nobody. */
    private const REACH_NOBODY = ['log'];

    /** @return class-string<Sender> */
    public static function chosen(): string
    {
        $isByMail = config('salon.sender') === 'mail' && ! in_array(config('mail.default'), self::REACH_NOBODY, true);
        // The stand-in says that it sent what it shows: of the demo only, and of tests.
        $isStoodIn = config('salon.demo') || (app()->runningUnitTests() && config('salon.sender') === 'phone');

        return match (true) {
            $isByMail => ByMail::class,
            $isStoodIn => PhoneStandIn::class,
            default => ByHand::class,
        };
    }
}
