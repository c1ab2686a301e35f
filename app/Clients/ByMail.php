<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Message;
use Illuminate\Contracts\Mail\Mailer;
use Illuminate\Mail\Message as Mail;
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
        $text = $message->url === null ? $message->text : $message->text."\n\n".url($message->url);
        try {
            $this->mailer->raw($text, function (Mail $mail) use ($to, $message): void {
                $mail->to($to, $message->to_name)->subject((string) config('salon.name'));
                if ($message->calendar !== null) {
                    $mail->attachData($message->calendar, 'appointment.ics', ['mime' => 'text/calendar; charset=utf-8']);
                }
            });
        } catch (TransportExceptionInterface $failure) {
            throw NotSent::noWay($failure);
        }
    }
}
