<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Clients\ByHand;
use App\Clients\ByMail;
use App\Clients\MessageKind;
use App\Clients\Outbox;
use App\Clients\PhoneStandIn;
use App\Clients\Sender;
use App\Models\Client;
use App\Models\Dog;
use App\Models\Message;
use App\Salon\Health;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Messages reach clients over a real mail server, or somebody is told that they do not. */
final class MailServerTest extends TestCase
{
    private ?Process $server = null;

    private string $mail;

    private Client $client;

    protected function setUp(): void
    {
        parent::setUp();
        $this->mail = sys_get_temp_dir().'/mail-'.bin2hex(random_bytes(6));
        mkdir($this->mail);
        $this->client = Dog::factory()->create()->client;
        $this->client->update(['name' => 'Ottilie Vane', 'phone' => '0555 0133', 'email' => 'ottilie@example.invalid']);
    }

    protected function tearDown(): void
    {
        $this->server?->stop(0);
        File::deleteDirectory($this->mail);
        parent::tearDown();
    }

    public function test_a_mail_arrives_and_a_server_that_refuses_is_told_and_tried_again(): void
    {
        $this->startServer();
        touch("{$this->mail}/refuse");
        $this->write();
        self::assertSame(0, app(Outbox::class)->sendDue());
        self::assertSame(['no_way', null], [Message::query()->sole()->problem, Message::query()->sole()->sent_at]);
        $this->signIn();
        $this->getJson('/api/messages/to-pass-on')->assertJsonPath('messages.0.problem', 'no_way');

        unlink("{$this->mail}/refuse");
        self::assertSame(0, app(Outbox::class)->sendDue(), 'not again at once');
        $this->travel(11)->minutes();
        self::assertSame(1, app(Outbox::class)->sendDue());
        $arrived = (string) file_get_contents("{$this->mail}/1.eml");
        self::assertStringContainsString('X-Taken-For: ottilie@example.invalid', $arrived);
        self::assertStringContainsString('Sable is ready', $arrived);
        self::assertSame(['mail', null], [Message::query()->sole()->sent_by, Message::query()->sole()->problem]);
        $this->getJson('/api/messages/to-pass-on')->assertJsonPath('messages', []);
    }

    public function test_a_server_that_is_not_there_is_told_and_gives_up_in_the_end(): void
    {
        $this->startServer();
        $this->server?->stop(0);
        $this->write();
        for ($try = 0; $try < 7; $try++) {
            app(Outbox::class)->sendDue();
            $this->travel(11)->minutes();
        }
        self::assertSame(['no_way', 5], [Message::query()->sole()->problem, Message::query()->sole()->tries]);
    }

    public function test_a_test_message_meets_what_a_clients_message_would(): void
    {
        $this->startServer();
        $this->signIn(Role::Owner);
        $texts = $this->getJson('/api/message-texts')->assertOk()->assertJsonPath('sender', 'mail');
        Contract::holds('get', '/api/message-texts', $texts);
        $this->postJson('/api/message-texts/test', ['to' => 'nobody'])->assertUnprocessable();
        $this->postJson('/api/message-texts/test', ['to' => 'frauke@example.invalid'])->assertOk()->assertJsonPath('sender', 'mail');
        self::assertStringContainsString('X-Taken-For: frauke@example.invalid', (string) file_get_contents("{$this->mail}/1.eml"));

        touch("{$this->mail}/refuse");
        $refused = $this->postJson('/api/message-texts/test', ['to' => 'frauke@example.invalid'])->assertUnprocessable();
        self::assertStringContainsString('does not take it', $refused->json('fields.to.0'));
        $this->signIn();
        $this->postJson('/api/message-texts/test', ['to' => 'frauke@example.invalid'])->assertForbidden();
    }

    public function test_in_a_salon_without_a_way_to_clients_nothing_is_called_sent(): void
    {
        // As it comes out of the box, and with mail that is only written to a file.
        foreach ([['phone', 'log', false], ['mail', 'log', false], ['mail', 'smtp', true], ['hand', 'smtp', false]] as [$sender, $mailer, $reaches]) {
            config(['salon.sender' => $sender, 'mail.default' => $mailer]);
            $this->app['env'] = 'production';
            self::assertSame($reaches, app(Sender::class)->reaches(), "{$sender}, {$mailer}");
            self::assertInstanceOf($reaches ? ByMail::class : ByHand::class, app(Sender::class));
            self::assertSame($reaches, app(Health::class)->checks()['sender']);
            $this->app['env'] = 'testing';
        }
        config(['salon.demo' => true, 'salon.sender' => 'mail', 'mail.default' => 'log']);
        self::assertInstanceOf(PhoneStandIn::class, app(Sender::class), 'the demo shows what would reach a phone, whatever is set');
        config(['salon.demo' => false]);
        $this->app->bind(Sender::class, ByHand::class);
        $this->write(['url' => '/answer/x?signature=y']);
        self::assertSame(0, app(Outbox::class)->sendDue());
        self::assertSame(['no_sender', null], [Message::query()->sole()->problem, Message::query()->sole()->sent_at]);
        $this->travel(2)->hours();
        self::assertTrue(app(Health::class)->checks()['messages'], 'it is no message that is stuck');

        $this->signIn();
        $waiting = $this->getJson('/api/messages/to-pass-on')->assertOk();
        Contract::holds('get', '/api/messages/to-pass-on', $waiting);
        self::assertSame(['Ottilie Vane', '0555 0133', url('/answer/x?signature=y')], [
            $waiting->json('messages.0.toName'), $waiting->json('messages.0.toPhone'), $waiting->json('messages.0.url'),
        ]);
        $this->putJson("/api/messages/{$waiting->json('messages.0.id')}/passed-on")->assertNoContent();
        $this->getJson('/api/messages/to-pass-on')->assertJsonPath('messages', []);
        self::assertSame('hand', Message::query()->sole()->sent_by);
        $visit = $this->arrive(Dog::query()->sole());
        Message::query()->update(['visit_id' => $visit->id]);
        $history = $this->getJson("/api/clients/{$this->client->id}")->assertOk()->assertJsonPath('messages.0.byHand', true);
        Contract::holds('get', '/api/clients/{client}', $history);
        $this->signIn(Role::Apprentice);
        $this->getJson('/api/messages/to-pass-on')->assertForbidden();
    }

    public function test_who_has_neither_telephone_nor_mail_is_not_written_to(): void
    {
        $this->client->update(['phone' => null, 'email' => null]);
        self::assertNull($this->write());
        self::assertSame(0, Message::query()->count());
        self::assertNotNull($this->write(['to_phone' => '0555 0199']), 'one that was given on arrival is one');
    }

    private function startServer(): void
    {
        $this->server = new Process(['node', 'tests/Mail/server.mjs', $this->mail], base_path());
        $this->server->start();
        $this->server->waitUntil(fn(string $type, string $said): bool => ctype_digit(trim($said)));
        config([
            'salon.sender' => 'mail', 'mail.default' => 'smtp',
            'mail.mailers.smtp.host' => '127.0.0.1', 'mail.mailers.smtp.port' => (int) trim($this->server->getOutput()),
        ]);
        app('mail.manager')->forgetMailers();
    }

    /** @param array<string, string> $about */
    private function write(array $about = []): ?Message
    {
        return app(Outbox::class)->write(MessageKind::Ready, $this->client->refresh(), ['dog' => 'Sable'], $about, CarbonImmutable::now());
    }
}
