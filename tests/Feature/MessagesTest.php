<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Clients\ByMail;
use App\Clients\MessageKind;
use App\Clients\NotSent;
use App\Clients\Outbox;
use App\Clients\Sender;
use App\Clients\Wording;
use App\Models\Client;
use App\Models\Message;
use App\Models\MessageText;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Facades\Mail;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Mailer\Exception\TransportException;
use Symfony\Component\Mime\Email;
use Tests\TestCase;

/** What clients are written: the owner's words, sent once, by whichever sender there is. */
final class MessagesTest extends TestCase
{
    private Client $client;

    protected function setUp(): void
    {
        parent::setUp();
        config(['salon.timezone' => 'Europe/Berlin', 'salon.name' => 'Kittiwake Lane', 'salon.phone' => '0555 0100', 'mail.default' => 'array']);
        $this->travelTo('2026-06-09 08:00:00');
        $this->client = Client::factory()->create(['name' => 'Ottilie Vane', 'phone' => '0555 4444', 'email' => 'ottilie@example.invalid', 'language' => 'en']);
    }

    public function test_brackets_are_left_out_where_a_word_of_theirs_is_missing(): void
    {
        $text = '{dog} comes at {time}. [Fetch it at {promised}.] Bye.';
        self::assertSame('Sable comes at 10:30. Fetch it at 13:30. Bye.', Wording::fill($text, ['dog' => 'Sable', 'time' => '10:30', 'promised' => '13:30']));
        self::assertSame('Sable comes at 10:30. Bye.', Wording::fill($text, ['dog' => 'Sable', 'time' => '10:30', 'promised' => '']));
        self::assertSame('A {dog} in a name stays.', Wording::fill('A {client} in a name stays.', ['client' => '{dog}', 'dog' => 'Sable']), 'what is filled in is not filled again');
    }

    /** @param list<string> $says */
    #[DataProvider('texts')]
    public function test_a_text_that_would_mislead_is_not_kept(string $kind, string $text, string $says): void
    {
        $this->signIn(Role::Owner);
        $answer = $this->postJson('/api/message-texts', ['kind' => $kind, 'language' => 'en', 'text' => $text, 'after' => null])->assertUnprocessable();
        self::assertStringContainsString($says, $answer->json('fields.text.0'));
        self::assertSame(0, MessageText::query()->count());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function texts(): iterable
    {
        yield 'a word that is not filled in' => ['ready', '{dog} is ready, {pet}.', 'pet'];
        yield 'without the time' => ['new_time', 'Fetch {dog} later.', 'promised'];
        yield 'the time in brackets only' => ['new_time', 'Fetch {dog}[ at {promised}].', 'promised'];
        yield 'the caution edited away' => ['next_day', 'How is {dog}?', 'advice'];
        yield 'a bracket left open' => ['ready', '{dog} is ready [now.', 'bracket'];
        yield 'a brace left open' => ['ready', '{dog} is ready {now.', 'bracket'];
        yield 'brackets in brackets' => ['ready', '{dog} [is [really] ready].', 'bracket'];
        yield 'longer than a telephone shows' => ['ready', '{dog} '.str_repeat('x', 600), '600'];
    }

    public function test_the_owners_words_are_sent_and_the_delivered_ones_come_back(): void
    {
        $owner = $this->signIn(Role::Owner);
        $kept = $this->postJson('/api/message-texts', ['kind' => 'ready', 'language' => 'en', 'text' => '{dog} shines. Come!', 'after' => null])->assertCreated();
        Contract::holds('post', '/api/message-texts', $kept);
        self::assertSame([true, $owner->name], [$kept->json('own'), $kept->json('by')]);
        self::assertSame('Sable shines. Come!', Outbox::say(MessageKind::Ready, $this->client, ['dog' => 'Sable']));

        $late = $this->postJson('/api/message-texts', ['kind' => 'ready', 'language' => 'en', 'text' => '{dog}, done.', 'after' => null])->assertConflict();
        self::assertStringContainsString($owner->name, $late->json('message'));
        $this->postJson('/api/message-texts', ['kind' => 'ready', 'language' => 'en', 'text' => null, 'after' => $kept->json('id')])->assertCreated();
        self::assertSame(Wording::delivered(MessageKind::Ready, 'en'), Wording::of(MessageKind::Ready, 'en'));
        self::assertSame(2, MessageText::query()->count(), 'what was said before stays on record');
        $list = $this->getJson('/api/message-texts')->assertOk();
        Contract::holds('get', '/api/message-texts', $list);
        self::assertCount(2 * count(MessageKind::cases()), $list->json('texts'));
        self::assertSame([], array_filter($list->json('texts'), fn(array $one): bool => Wording::problem(MessageKind::from($one['kind']), $one['delivered']) !== null), 'every text it comes with could be kept');
    }

    public function test_a_text_is_shown_as_a_client_would_read_it_before_it_is_kept(): void
    {
        $this->signIn(Role::Owner);
        $shown = $this->postJson('/api/message-texts/preview', ['kind' => 'booked', 'language' => 'de', 'text' => '{dog}, {day}, {time}.'])->assertOk();
        Contract::holds('post', '/api/message-texts/preview', $shown);
        self::assertSame('Sable, Freitag, 12. Juni, 10:30.', $shown->json('text'));
        self::assertSame(0, MessageText::query()->count());
        $this->signIn(Role::Groomer);
        $this->getJson('/api/message-texts')->assertForbidden();
    }

    public function test_what_waits_goes_out_when_its_time_has_come_and_once(): void
    {
        $this->write(CarbonImmutable::now()->addHours(2));
        self::assertSame(0, $this->sendDue());
        $this->travel(3)->hours();
        self::assertSame([1, 0], [$this->sendDue(), $this->sendDue()]);
        self::assertSame('phone', Message::query()->sole()->sent_by);
        $this->artisan('messages:send')->expectsOutput('0 sent')->assertSuccessful();
    }

    public function test_a_sender_that_fails_is_tried_again_after_a_while_and_gives_up_in_the_end(): void
    {
        $sender = new class implements Sender {
            public int $tries = 0;

            public bool $works = false;

            public function name(): string
            {
                return 'odd';
            }

            public function reaches(): bool
            {
                return true;
            }

            public function address(?string $phone, ?string $email): ?string
            {
                return $phone;
            }

            public function send(Message $message): void
            {
                $this->tries++;
                $this->works ?: throw NotSent::noWay(new TransportException('no'));
            }
        };
        $this->app->instance(Sender::class, $sender);
        $this->write(CarbonImmutable::now());
        self::assertSame(0, $this->sendDue());
        self::assertSame(0, $this->sendDue());
        self::assertSame([1, 'no_way'], [$sender->tries, Message::query()->sole()->problem], 'not again at once');
        $this->travel(11)->minutes();
        $sender->works = true;
        self::assertSame(1, $this->sendDue());
        self::assertSame([2, null, 'odd'], [$sender->tries, Message::query()->sole()->problem, Message::query()->sole()->sent_by]);

        $sender->works = false;
        $this->write(CarbonImmutable::now());
        for ($try = 0; $try < 9; $try++) {
            $this->sendDue();
            $this->travel(11)->minutes();
        }
        self::assertSame(2 + 5, $sender->tries);
    }

    public function test_what_is_just_being_sent_is_not_taken_back_and_what_failed_can_be(): void
    {
        $sender = new class implements Sender {
            public bool $takenBack = true;

            public function name(): string
            {
                return 'slow';
            }

            public function reaches(): bool
            {
                return true;
            }

            public function address(?string $phone, ?string $email): ?string
            {
                return $phone;
            }

            public function send(Message $message): void
            {
                // A colleague cancels in this very moment.
                $this->takenBack = app(Outbox::class)->takeBack('id', $message->id);

                throw NotSent::noWay(new TransportException('no'));
            }
        };
        $this->app->instance(Sender::class, $sender);
        $this->write(CarbonImmutable::now());
        foreach ([1, 2] as $ignored) {
            $this->sendDue();
            self::assertFalse($sender->takenBack);
            self::assertSame('no_way', Message::query()->sole()->problem);
            $this->travel(11)->minutes();
        }
        self::assertTrue(app(Outbox::class)->takeBack('id', Message::query()->sole()->id));
    }

    public function test_by_mail_it_goes_to_the_clients_address_with_the_page_and_the_calendar(): void
    {
        $this->app->bind(Sender::class, ByMail::class);
        $this->write(CarbonImmutable::now(), ['url' => '/your-time/x?signature=y', 'calendar' => "BEGIN:VCALENDAR\r\nEND:VCALENDAR\r\n"]);
        self::assertSame(1, $this->sendDue());

        $mail = Mail::mailer('array')->getSymfonyTransport()->messages()->sole()->getOriginalMessage();
        self::assertInstanceOf(Email::class, $mail);
        self::assertSame(['ottilie@example.invalid', 'Kittiwake Lane'], [$mail->getTo()[0]->getAddress(), $mail->getSubject()]);
        self::assertStringContainsString('Sable is ready', (string) $mail->getTextBody());
        self::assertStringEndsWith(".\n\n".url('/your-time/x?signature=y'), (string) $mail->getTextBody(), 'the words, a line between, the link as it is');
        self::assertNull($mail->getHtmlBody());
        self::assertSame('appointment.ics', $mail->getAttachments()[0]->getFilename());
    }

    public function test_who_has_no_address_is_told_to_the_salon_and_not_tried_for_ever(): void
    {
        $this->signIn();
        $this->app->bind(Sender::class, ByMail::class);
        $this->client->update(['email' => null]);
        $this->write(CarbonImmutable::now(), ['appointment_id' => null]);
        $this->sendDue();
        $this->travel(1)->hours();
        self::assertSame(0, $this->sendDue());
        self::assertSame(['no_address', null], [Message::query()->sole()->problem, Message::query()->sole()->sent_at]);
    }

    public function test_an_address_that_is_none_is_refused_in_words(): void
    {
        $this->signIn();
        $this->patchJson("/api/clients/{$this->client->id}", ['email' => 'ottilie at home'])->assertUnprocessable()->assertJsonStructure(['fields' => ['email']]);
        $this->patchJson("/api/clients/{$this->client->id}", ['email' => 'o.vane@example.invalid'])->assertOk()->assertJsonPath('email', 'o.vane@example.invalid');
    }

    /** @param array<string, string|null> $about */
    private function write(CarbonImmutable $due, array $about = []): void
    {
        app(Outbox::class)->write(MessageKind::Ready, $this->client, ['dog' => 'Sable'], $about, $due);
    }

    private function sendDue(): int
    {
        return app(Outbox::class)->sendDue();
    }
}
