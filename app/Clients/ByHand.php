<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Message;

/** No way to clients is set up: somebody passes on what was written, as a picture for the client's phone, a link or a call. */
final class ByHand implements Sender
{
    public const NAME = 'hand';

    public function name(): string
    {
        return self::NAME;
    }

    public function reaches(): bool
    {
        return false;
    }

    public function address(?string $phone, ?string $email): ?string
    {
        return null;
    }

    public function send(Message $message): void
    {
        throw NotSent::noSender();
    }
}
