<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Message;
use Illuminate\Contracts\Mail\Mailer;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** By mail, over whatever Laravel's mailer is set to: `log` until a server is. */
final readonly class ByMail implements Sender
{
    public function __construct(private Mailer $mailer) {}

    public function name(): string
    {
        return 'mail';
    }

    public function reaches(): bool
    {
        return true;
    }

    public function address(?string $phone, ?string $email): ?string
    {
        return $email;
    }

    public function send(Message $message): void
    {
        $to = $message->to_email ?? throw NotSent::noAddress();
        try {
            $this->mailer->send(new MessageMail($message, $to));
        } catch (TransportExceptionInterface $failure) {
            throw NotSent::noWay($failure);
        }
    }
}
