<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Message;

/** Stands in for a gateway of text messages: what it sent is shown by the demo's phones. */
final class PhoneStandIn implements Sender
{
    public function name(): string
    {
        return 'phone';
    }

    public function reaches(): bool
    {
        return true;
    }

    public function address(?string $phone, ?string $email): ?string
    {
        return $phone;
    }

    /** A number that is not known is shown as that: somebody has to call. */
    public function send(Message $message): void {}
}
