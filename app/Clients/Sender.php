<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Message;

/** A way on which messages reach clients. */
interface Sender
{
    /** Short name, kept with what was sent. */
    public function name(): string;

    /** Whether anybody gets what is sent on it. */
    public function reaches(): bool;

    /** Where a message would go; null: this way reaches nobody there. */
    public function address(?string $phone, ?string $email): ?string;

    /** @throws NotSent */
    public function send(Message $message): void;
}
