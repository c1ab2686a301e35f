<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Message;
use Illuminate\Mail\Attachment;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Address;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** A message as a letter of the salon: plain text, its link below, and the appointment for the client's calendar. */
final class MessageMail extends Mailable
{
    public function __construct(private readonly Message $message, private readonly string $address) {}

    public function envelope(): Envelope
    {
        return new Envelope(to: [new Address($this->address, $this->message->to_name)], subject: (string) config('salon.name'));
    }

    public function content(): Content
    {
        $link = $this->message->url === null ? null : url($this->message->url);

        return new Content(text: 'message-mail', with: ['says' => $this->message->text, 'link' => $link]);
    }

    /** @return list<Attachment> */
    public function attachments(): array
    {
        $calendar = $this->message->calendar;

        return $calendar === null ? [] : [
            Attachment::fromData(fn(): string => $calendar, 'appointment.ics')->withMime('text/calendar; charset=utf-8'),
        ];
    }
}
