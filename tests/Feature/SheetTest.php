<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Resources\Said\Decisions;
use App\Http\Resources\Said\Entries;
use App\Models\Client;
use App\Models\Dog;
use App\Models\LogEntry;
use App\Models\Message;
use App\Models\SheetLink;
use App\Models\StoredMark;
use App\Models\Visit;
use App\Transfer\Sheets\CoatDrawing;
use App\Transfer\Sheets\VisitSheet;
use App\Words\Languages;
use App\Words\Say;
use App\Words\Words;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** The record of a visit in words, on paper, and in the client's hands. */
final class SheetTest extends TestCase
{
    private const MAT = ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'tool', 'mattedShare' => 0.2, 'liftMm' => 3.5];

    private const PELT = ['comb' => 'cannot_enter', 'skinLine' => 'hidden', 'opens' => 'no', 'mattedShare' => 0.9, 'liftMm' => 2.0];

    private Dog $dog;

    private Visit $visit;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-09 09:00:00');
        Storage::fake('local');
        config(['salon.phone' => '0555 0100', 'salon.timezone' => 'UTC', 'salon.sender' => 'phone']);
        $client = Client::factory()->create(['name' => 'Hester Lindqvist', 'phone' => '0555 0123', 'language' => 'de']);
        $this->dog = Dog::factory()->create(['name' => 'Dulse', 'client_id' => $client->id]);
        $this->signIn();
        $this->visit = $this->arrive($this->dog);
        $this->record($this->visit, 'arrival_answered', ['consent' => 'ask']);
    }

    public function test_what_was_decided_is_told_with_who_how_and_why_and_without_what_was_taken_back(): void
    {
        $this->inspect($this->visit, ['tail' => self::MAT]);
        $this->record($this->visit, 'treatment_chosen', ['treatment' => 'clip:3.2', 'reason' => 'Felts again'], 'tail');
        $plan = $this->showPlan($this->visit);
        $no = $this->record($this->visit, 'answer_given', ['planId' => $plan, 'answer' => 'no', 'via' => 'phone', 'who' => 'Hester', 'note' => 'Longer']);
        $this->record($this->visit, 'withdrawn', ['markId' => $no]);
        $this->record($this->visit, 'answer_given', ['planId' => $plan, 'answer' => 'yes', 'via' => 'here', 'who' => 'Hester']);
        $this->record($this->visit, 'stopped', ['reason' => 'Unwell']);

        $record = $this->getJson("/api/visits/{$this->visit->id}/record")->assertOk();

        Contract::holds('get', '/api/visits/{visit}/record', $record);
        self::assertSame([
            ['Tail: clipped to 3.2 mm, otherwise than planned', 'Felts again', false],
            ['The plan was put to the client', '', false],
            ['Hester said no', 'by telephone: “Longer”', true],
            ['Hester said yes', 'here', false],
            ['Stopped', 'Unwell', false],
        ], self::decisions($record->json('timeline')));
        $german = $this->withHeader('Accept-Language', 'de')->getJson("/api/visits/{$this->visit->id}/record");
        self::assertSame(['Hester hat Ja gesagt', 'hier', false], self::decisions($german->json('timeline'))[3]);
    }

    public function test_a_place_says_why_it_is_clipped_by_the_rule_that_left_no_other_way_or_by_the_groomer_who_chose(): void
    {
        $this->inspect($this->visit, ['tail' => self::PELT, 'back' => self::MAT]);
        $by = $this->signIn();
        $this->record($this->visit, 'treatment_chosen', ['treatment' => 'clip:3.2'], 'back');

        $found = collect($this->getJson("/api/visits/{$this->visit->id}/record")->assertOk()->json('found'));

        $tail = $found->first(fn(array $row): bool => in_array('tail', $row['sections'], true));
        self::assertSame([5, 'Pelted coat is clipped, never opened.'], [$tail['grade'], $tail['why']]);
        $back = $found->first(fn(array $row): bool => in_array('back', $row['sections'], true));
        self::assertSame(["Chosen by {$by->name}.", 'clipped to 3.2 mm'], [$back['why'], $back['done']]);
        self::assertSame(28, count($found->last()['sections']), 'what is alike is told together, the clear ones last');
    }

    /** @return iterable<string, array{MarkKind, string}> */
    public static function kinds(): iterable
    {
        foreach (MarkKind::cases() as $kind) {
            foreach (['en', 'de'] as $language) {
                yield "{$kind->value} in {$language}" => [$kind, $language];
            }
        }
    }

    #[DataProvider('kinds')]
    public function test_an_entry_of_an_earlier_version_with_gaps_leaves_the_record_readable(MarkKind $kind, string $language): void
    {
        $say = Say::in($language);
        [$decisions, $entries] = [new Decisions($say, ['bath', 'what_nobody_knows']), new Entries($say)];

        foreach ([[], ['items' => ['a' => 'redness'], 'later' => 'ears', 'way' => 'x', 'scope' => 7, 'weeks' => [], 'groups' => 'legs']] as $payload) {
            $mark = new StoredMark(['kind' => $kind, 'at' => now(), 'received_at' => now(), 'payload' => $payload]);
            $said = $decisions->of($mark);
            self::assertTrue($said === null || array_keys($said) === ['what', 'why']);
            self::assertNotSame('', $entries->of($mark, $said)['what'], 'each kind of entry has its sentence');
        }
    }

    public function test_the_sheet_has_charts_findings_decisions_photos_and_lines_to_sign_on_and_keeps_notes_to_the_salon(): void
    {
        $this->ended();
        $html = app(VisitSheet::class)->html($this->visit, 'en');

        $told = ['Dulse', 'Tuesday, 9 June 2026', '0555 0100', 'Found', 'Planned', '4 Tight mat', '<b>Stopped</b>, Unwell', 'Growth, back, 6 mm',
            'Before the groom', 'Hester Lindqvist, date', 'not veterinary advice'];
        foreach ($told as $words) {
            self::assertStringContainsString($words, $html);
        }
        // Two charts and a swatch for each row.
        self::assertGreaterThanOrEqual(4, substr_count($html, 'data:image/svg+xml'));
        self::assertStringNotContainsString('Owes us a comb', $html);
        self::assertSame(1, substr_count($html, 'data:image/jpeg'));
    }

    public function test_the_file_is_a_pdf_of_at_most_three_pages_and_carries_the_photos_and_the_applications_fonts(): void
    {
        $this->ended();

        $file = $this->get("/api/visits/{$this->visit->id}/sheet?language=en")->assertOk();

        $file->assertHeader('Content-Type', 'application/pdf')->assertHeader('Content-Disposition', 'inline; filename="dulse-2026-06-09.pdf"');
        $pdf = (string) $file->getContent();
        self::assertStringStartsWith('%PDF-', $pdf);
        $pages = preg_match_all('~/Type /Page\b(?!s)~', $pdf);
        self::assertTrue($pages >= 1 && $pages <= 3, "{$pages} pages");
        self::assertStringContainsString('/Subtype /Image', $pdf);
        self::assertMatchesRegularExpression('~/BaseFont /[A-Z+]*AtkinsonHyperlegible~', $pdf);
    }

    public function test_photos_for_which_there_is_no_room_are_told_and_the_file_stays_within_three_pages(): void
    {
        $this->ended();
        foreach (range(1, 14) as $ignored) {
            $this->photo();
        }

        $html = app(VisitSheet::class)->html($this->visit->refresh(), 'en');

        self::assertSame(12, substr_count($html, 'data:image/jpeg'));
        self::assertStringContainsString('3 more photos are kept in the salon.', $html);
        self::assertLessThanOrEqual(3, preg_match_all('~/Type /Page\b(?!s)~', app(VisitSheet::class)->pdf($this->visit, 'en')));
    }

    public function test_words_that_somebody_wrote_stay_words_on_the_sheet(): void
    {
        $this->dog->update(['name' => '<img src="file:///etc/hostname"> & Söhne']);
        $this->record($this->visit, 'stopped', ['reason' => '<script type="text/php">echo 1;</script>']);

        $html = app(VisitSheet::class)->html($this->visit->refresh(), 'en');

        self::assertStringNotContainsString('<script', $html);
        self::assertStringContainsString('&lt;script', $html);
        self::assertStringNotContainsString('src="file', $html);
        self::assertSame('img-src-file-etc-hostname-sohne-2026-06-09.pdf', VisitSheet::fileName($this->visit));
    }

    public function test_the_client_opens_it_without_an_account_in_their_language_until_it_is_withdrawn(): void
    {
        $this->ended();
        $page = $this->sendIt();
        auth()->logout();

        $shown = $this->getJson($page)->assertOk();
        Contract::holds('get', '/api/visit-sheet/{link}', $shown);
        self::assertSame(['Dulse', 'de', 'Dienstag, 9. Juni'], [$shown->json('dog'), $shown->json('language'), $shown->json('day')]);
        $this->get($shown->json('file'))->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $this->get((string) strtok($shown->json('file'), '?'))->assertForbidden();

        $this->signIn();
        $link = SheetLink::query()->sole();
        $this->getJson("/api/visits/{$this->visit->id}/record")->assertJsonPath('sent.id', $link->id)->assertJsonPath('reach', '0555 0123');
        $this->deleteJson("/api/sheet-links/{$link->id}")->assertNoContent();

        $this->getJson($page)->assertForbidden()->assertJsonPath('code', 'not_allowed');
        $this->get($shown->json('file'))->assertForbidden();
        $this->getJson("/api/visits/{$this->visit->id}/record")->assertJsonPath('sent', null);
        self::assertSame(['dog' => 'Dulse'], LogEntry::query()->where('kind', 'record_withdrawn')->sole()->about);
    }

    public function test_a_link_ends_after_a_month_and_gives_way_to_the_next(): void
    {
        $this->ended();
        $first = $this->sendIt();
        $second = $this->sendIt();

        $this->getJson($first)->assertForbidden();
        $this->getJson($second)->assertOk();
        $this->travel(31)->days();
        $this->getJson($second)->assertForbidden()->assertJsonPath('code', 'link_over');
    }

    public function test_sent_twice_after_a_lost_answer_it_is_one_link_and_one_message_in_the_clients_language(): void
    {
        $this->ended();
        $id = (string) Str::ulid();
        $send = fn() => $this->postJson("/api/visits/{$this->visit->id}/sheet-links", ['id' => $id])->assertCreated();

        self::assertSame($send()->json(), $send()->json());

        $message = Message::query()->where('kind', 'record')->sole();
        self::assertStringContainsString('das Protokoll des Besuchs von Dulse am Dienstag, 9. Juni', $message->text);
        self::assertSame(['0555 0123', $this->visit->id], [$message->to_phone, $message->visit_id]);
    }

    public function test_it_goes_out_when_the_dog_has_gone_home_and_by_somebody_who_decides(): void
    {
        $send = fn() => $this->postJson("/api/visits/{$this->visit->id}/sheet-links", ['id' => (string) Str::ulid()]);
        $send()->assertConflict()->assertJsonPath('message', 'Dulse is still here. Send the record when the dog has gone home: then it is whole.');
        $this->ended();

        $this->signIn(Role::Apprentice);
        $send()->assertForbidden();

        self::assertSame([0, 0], [SheetLink::query()->count(), Message::query()->where('kind', 'record')->count()]);
    }

    #[TestWith(['get', 'api/visits/{visit}/sheet'])]
    #[TestWith(['post', 'api/visits/{visit}/sheet-links'])]
    public function test_nobody_reads_or_sends_it_without_signing_in(string $method, string $address): void
    {
        auth()->logout();
        $this->flushSession();

        $this->json($method, str_replace('{visit}', $this->visit->id, $address))->assertUnauthorized();
    }

    public function test_paper_has_the_colours_of_the_screens(): void
    {
        preg_match_all('/--color-g(\d): (#[0-9a-f]{6});/', (string) file_get_contents(resource_path('css/app.css')), $tones, PREG_SET_ORDER);
        self::assertCount(6, $tones);
        foreach ($tones as [, $grade, $colour]) {
            self::assertStringContainsString("fill=\"{$colour}\"", CoatDrawing::swatch((int) $grade));
        }
    }

    public function test_money_is_written_by_its_currency_and_whole_amounts_without_cents(): void
    {
        $money = fn(string $language, string $currency, int $cents): string => (new Say(new Words($language), 'metric', 'UTC', $currency))->money($cents);

        self::assertSame(
            ['€78', '£78.50', "78\u{a0}€"],
            [$money('en', 'EUR', 7800), $money('en', 'GBP', 7850), $money('de', 'EUR', 7800)],
        );
    }

    public function test_figures_days_and_places_are_said_as_the_language_and_the_salon_write_them(): void
    {
        $say = fn(string $language, string $units): Say => new Say(
            new Words($language),
            $units,
            'America/New_York',
            'EUR',
        );

        self::assertSame(['en', 'de'], array_values(array_intersect(['en', 'de'], Languages::all())));
        self::assertSame(
            ['6.4 mm', '6,4 mm', '0.25 in', '23,5 kg', '51.8 lb', '8,0', 'under 0.1'],
            [
                $say('en', 'metric')->mm(6.35), $say('de', 'metric')->mm(6.35), $say('en', 'imperial')->mm(6.35),
                $say('de', 'metric')->kg(23.5), $say('en', 'imperial')->kg(23.5), $say('de', 'metric')->tenths(8.0), $say('en', 'metric')->pulling(0.04),
            ],
        );
        self::assertSame('ear left and right, tail, breeches left', $say('en', 'metric')->sections(['ear_r', 'tail', 'ear_l', 'breeches_l']));
        self::assertSame('9 June, 21:30', $say('en', 'metric')->moment('2026-06-10T01:30:00Z', '2026-06-10T15:00:00Z'));
        self::assertSame('21:30', $say('de', 'metric')->moment('2026-06-10T01:30:00Z', '2026-06-09T15:00:00Z'));
    }

    /** A visit with a mat, a growth, a photo, a note and an end. */
    private function ended(): void
    {
        $this->inspect($this->visit, ['tail' => ['comb' => 'stops', 'skinLine' => 'hidden', 'opens' => 'no', 'mattedShare' => 0.2, 'liftMm' => 3.5]]);
        $this->record($this->visit, 'finding_noted', ['kind' => 'growth', 'sizeMm' => 6], 'back');
        $this->record($this->visit, 'note_written', ['text' => 'Owes us a comb']);
        $this->photo();
        $this->record($this->visit, 'stopped', ['reason' => 'Unwell']);
        $this->visit->refresh();
    }

    private function photo(): void
    {
        $this->post("/api/visits/{$this->visit->id}/photos", [
            'id' => (string) Str::ulid(),
            'at' => self::now(),
            'device' => self::DEVICE,
            'moment' => 'before',
            'section' => 'tail',
            'picture' => UploadedFile::fake()->image('x.jpg', 800, 600),
        ])->assertSuccessful();
    }

    /** @return string address of the page */
    private function sendIt(): string
    {
        $this->postJson("/api/visits/{$this->visit->id}/sheet-links", ['id' => (string) Str::ulid()])->assertCreated();

        return '/api'.Message::query()->where('kind', 'record')->orderByDesc('id')->firstOrFail()->url;
    }

    /**
     * @param list<array<string, mixed>> $timeline
     *
     * @return list<array{string, string, bool}>
     */
    private static function decisions(array $timeline): array
    {
        $decided = array_filter($timeline, fn(array $mark): bool => $mark['decision'] !== null);

        return array_values(array_map(fn(array $mark): array => [...array_values($mark['decision']), $mark['withdrawn']], $decided));
    }
}
