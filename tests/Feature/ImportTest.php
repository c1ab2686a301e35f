<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Client;
use App\Models\Dog;
use App\Models\LogEntry;
use HoundCheck\Core\Marks\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** A salon brings its clients and dogs from another program, whatever that calls its columns. */
final class ImportTest extends TestCase
{
    private const ASSUMED = ['sex' => 'female', 'coat' => 'mixed', 'coatMm' => 40, 'weightKg' => 12, 'ageYears' => 4];

    private const GERMAN = "Kunde Nachname;Vorname;Handy;E-Mail;Hundename;Rasse;Geschlecht;kastriert;Geburtsdatum;Gewicht;Felllänge;Bemerkungen;Kundennummer\r\n"
        ."Wrenfield;Kaspar;0555 0131;k@example.org;Bosun;Portugiesischer Wasserhund;Rüde;ja;14.03.2022;22,5 kg;4 cm;Mag keinen Föhn;1001\r\n"
        ."Wrenfield;Kaspar;0555 0131;k@example.org;Tansy;Samojede;Hündin;nein;01.02.2023;19;;;1001\r\n"
        ."Lindqvist;Hester;+49 555 0140;;Dulse;Mischling;w;;;;;\"Zwei Zeilen,\nmit \"\"Anführung\"\"\";1002\r\n";

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-09 09:00:00');
        $this->signIn(Role::Owner);
        config(['salon.units' => 'metric', 'salon.country' => 'DE', 'salon.timezone' => 'UTC']);
    }

    public function test_columns_are_proposed_by_headings_that_nobody_knew_before(): void
    {
        $found = $this->bring(self::GERMAN)->assertCreated();

        Contract::holds('post', '/api/imports', $found);
        self::assertSame(3, $found->json('rows'));
        self::assertSame(
            ['client', 'first_name', 'phone', 'email', 'dog', 'breed', 'sex', 'neutered', 'born_on', 'weight', 'coat_length', 'mind', null],
            array_column($found->json('columns'), 'field'),
        );
        self::assertSame(['Bosun', 'Tansy', 'Dulse'], $found->json('columns.4.samples'));
        self::assertSame(0, Dog::query()->count());
    }

    /** @return iterable<string, array{string, list<string|null>}> */
    public static function headings(): iterable
    {
        yield 'a bare name is the dog’s beside an owner' => ["Owner,Name,Mobile\nA B,Rook,0555 0100\n", ['client', 'dog', 'phone']];
        yield 'a bare name is the client’s beside a pet' => ["Name,Pet,Tel.\nA B,Rook,0555 0100\n", ['client', 'dog', 'phone']];
        yield 'headings that say nothing, values that do' => [
            "c1\tc2\tc3\tc4\tc5\na@example.org\t2021-04-03\tPoodle\t12 kg\tfemale\nb@example.org\t2020-12-24\tWhippet\t13,5 kg\tm\n",
            ['email', 'born_on', 'breed', 'weight', 'sex'],
        ];
        yield 'two that could be the telephone' => ["Pet name,Phone,Mobile phone\nRook,0555 0100,0555 0101\n", ['dog', 'phone', null]];
    }

    /** @param list<string|null> $fields */
    #[DataProvider('headings')]
    public function test_what_a_column_holds_is_told_by_what_stands_beside_it(string $csv, array $fields): void
    {
        self::assertSame($fields, array_column($this->bring($csv)->assertCreated()->json('columns'), 'field'));
    }

    public function test_a_dry_run_tells_all_and_keeps_nothing(): void
    {
        Client::factory()->create(['name' => 'Hester Lindqvist', 'phone' => '0049 (555) 0140']);
        $found = $this->bring(self::GERMAN);

        $run = $this->postJson("/api/imports/{$found->json('id')}/dry-run", $this->way($found))->assertOk();

        Contract::holds('post', '/api/imports/{import}/dry-run', $run);
        self::assertSame(
            ['newClients' => 1, 'newDogs' => 3, 'twins' => 0, 'leftOut' => 0, 'knownClients' => 1, 'problemCount' => 0, 'dates' => 'dmy', 'guessedDates' => false],
            collect($run->json())->only(['newClients', 'newDogs', 'twins', 'leftOut', 'knownClients', 'problemCount', 'dates', 'guessedDates'])->all(),
        );
        self::assertSame(['coat_length' => 2, 'born_on' => 1, 'weight' => 1], $run->json('assumed'));
        self::assertSame([2, 3, 4], array_column($run->json('rows'), 'line'));
        self::assertSame([1, 0, []], [Client::query()->count(), Dog::query()->count(), $this->getJson('/api/imports')->json('imports')]);
    }

    public function test_cards_are_made_in_the_salons_own_terms_and_say_what_is_to_be_asked(): void
    {
        $this->readIn($this->bring(self::GERMAN));

        $bosun = Dog::query()->with('client')->where('name', 'Bosun')->sole();
        self::assertSame(
            ['male', false, '2022-03-14', 'curly', false, 40.0, 22.5, 'Mag keinen Föhn', 'Kaspar Wrenfield', '0555 0131', 'k@example.org'],
            [
                $bosun->sex, $bosun->entire, $bosun->born_on->toDateString(), $bosun->coat->value, $bosun->primitive, $bosun->coat_mm, $bosun->weight_kg, $bosun->mind,
                $bosun->client->name, $bosun->client->phone, $bosun->client->email,
            ],
        );
        $tansy = Dog::query()->where('name', 'Tansy')->sole();
        self::assertSame([$bosun->client_id, 'double', true, true, null], [$tansy->client_id, $tansy->coat->value, $tansy->primitive, $tansy->entire, $tansy->mind]);
        $dulse = Dog::query()->where('name', 'Dulse')->sole();
        self::assertSame(['mixed', 12.0, '2022-06-09'], [$dulse->coat->value, $dulse->weight_kg, $dulse->born_on->toDateString()]);
        self::assertSame('Zwei Zeilen, mit "Anführung". Ask: age, weight.', $dulse->mind);
        self::assertSame(['Dulse'], array_column($this->getJson('/api/dogs?search=lindq')->json('dogs'), 'name'), 'they are found at once');
        self::assertSame(['clients_read', 3], [LogEntry::query()->sole()->kind, LogEntry::query()->sole()->about['rows']]);
        // The card can be used: the dog comes in.
        $this->arrive($dulse);
    }

    public function test_nothing_that_protects_a_dog_is_assumed_and_words_that_warn_are_proposed(): void
    {
        $csv = "Kunde;Hund;Bemerkungen;Beißt;Krankheiten\nA Lind;Rook;Beißt! Nur mit Maulkorb;ja;Epilepsie, Herz\nB Lind;Moss;;nein;\nC Lind;Fern;Hört nichts mehr, ängstlich;;\n";
        $found = $this->bring($csv)->assertCreated();
        self::assertSame(['client', 'dog', 'mind', 'mind', 'mind'], array_column($found->json('columns'), 'field'));
        $this->readIn($found);

        $cards = Dog::query()->get()->keyBy('name');
        self::assertSame('Beißt! Nur mit Maulkorb. Beißt: ja. Krankheiten: Epilepsie, Herz.', explode(' Ask:', (string) $cards['Rook']->mind)[0]);
        self::assertSame(['temperament' => 'mouthy', 'health' => ['heart_or_airway', 'seizures']], $cards['Rook']->to_ask);
        self::assertSame(['temperament' => null, 'health' => []], $cards['Moss']->to_ask);
        self::assertSame(['temperament' => 'anxious', 'health' => ['deaf']], $cards['Fern']->to_ask);

        $visit = $this->arrive($cards['Moss']);
        $this->inspect($visit, ['tail' => ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'fingers']]);
        $plan = $this->getJson("/api/visits/{$visit->id}/plan")->assertOk();
        Contract::holds('get', '/api/visits/{visit}/plan', $plan);
        self::assertSame([['temperament', 'health'], null], [$plan->json('toAsk'), $plan->json('frontier')]);
        $choices = fn(): array => array_map(fn(?string $one): string => $one ?? 'demat', $this->choices($visit));
        $refused = fn(string $kind, array $payload, ?string $section = null): ?string => $this->send($visit, [$this->mark($kind, $payload, $section)])->json('marks.0.reason');
        self::assertSame('ask_first', $refused('plan_shown', ['choices' => $choices()]));
        self::assertSame('ask_first', $refused('treatment_chosen', ['treatment' => 'demat'], 'tail'));
        self::assertSame('ask_first', $refused('run_started', ['scope' => 'whole_coat']));
        // Whatever the client allowed: no hand begins by another door.
        $this->record($visit, 'arrival_answered', ['consent' => 'any']);
        self::assertSame('ask_first', $refused('clipped', ['mm' => 3.2], 'tail'));
        self::assertSame('ask_first', $refused('section_taken', [], 'tail'));
        $signal = $this->record($visit, 'reacted', ['signal' => 'snaps']);
        $this->record($visit, 'withdrawn', ['markId' => $signal]);

        $said = $this->record($visit, 'arrival_answered', ['temperament' => 'settled']);
        self::assertSame('ask_first', $refused('plan_shown', ['choices' => $choices()]));
        $this->record($visit, 'arrival_answered', ['health' => []]);
        self::assertNull($refused('treatment_chosen', ['treatment' => 'demat'], 'tail'));
        self::assertNull($refused('plan_shown', ['choices' => $choices()]));
        $card = Dog::query()->where('name', 'Moss')->sole();
        self::assertSame(['settled', null], [$card->temperament->value, $card->to_ask]);

        $this->record($visit, 'withdrawn', ['markId' => $said]);
        self::assertSame('ask_first', $refused('run_started', ['scope' => 'whole_coat']));
        self::assertSame(['temperament' => null], Dog::query()->where('name', 'Moss')->sole()->to_ask);
    }

    public function test_who_puts_the_card_right_has_answered(): void
    {
        $this->readIn($this->bring("Kunde;Hund;Notiz\nA Lind;Rook;zwickt\n"));
        $rook = Dog::query()->where('name', 'Rook')->sole();
        $card = $this->getJson("/api/dogs/{$rook->id}")->assertOk();
        Contract::holds('get', '/api/dogs/{dog}', $card);
        self::assertSame([['temperament', 'health'], 'mouthy'], [$card->json('toAsk'), $card->json('proposed.temperament')]);

        $this->patchJson("/api/dogs/{$rook->id}", ['weightKg' => 9])->assertOk()->assertJsonPath('toAsk', ['temperament', 'health']);
        $this->patchJson("/api/dogs/{$rook->id}", ['temperament' => 'easy'])->assertOk()->assertJsonPath('toAsk', ['health']);
        $this->patchJson("/api/dogs/{$rook->id}", ['health' => ['blind']])->assertOk()->assertJsonPath('toAsk', []);
        $visit = $this->arrive($rook->refresh());
        $this->getJson("/api/visits/{$visit->id}")->assertJsonPath('dog.toAsk', []);
    }

    public function test_pounds_inches_and_dates_of_the_month_first_are_read_by_unit_by_salon_or_as_said(): void
    {
        config(['salon.units' => 'imperial', 'salon.country' => 'US']);
        $csv = "Client,Dog,Breed,Weight,Hair length,DOB\nA B,One,Poodle,50,2,04/05/2021\nA C,Two,Poodle,20 kg,3 cm,12/25/2020\nA D,Three,Poodle,44.1 lbs,1.5 in,1/2/19\n";
        $this->readIn($this->bring($csv));

        self::assertSame(
            ['One' => [22.68, 50.8, '2021-04-05'], 'Two' => [20.0, 30.0, '2020-12-25'], 'Three' => [20.0, 38.1, '2019-01-02']],
            Dog::query()->orderBy('id')->get()->mapWithKeys(fn(Dog $dog): array => [$dog->name => [$dog->weight_kg, $dog->coat_mm, $dog->born_on->toDateString()]])->all(),
        );

        $found = $this->bring("Client,Dog,DOB\nA E,Four,04/05/2021\n");
        self::assertTrue($this->postJson("/api/imports/{$found->json('id')}/dry-run", $this->way($found))->json('guessedDates'));
        $this->readIn($found, ['dates' => 'dmy']);
        self::assertSame('2021-05-04', Dog::query()->where('name', 'Four')->sole()->born_on->toDateString());
    }

    public function test_what_cannot_be_read_is_told_by_line_and_only_rows_without_names_are_left_out(): void
    {
        $found = $this->bring("Owner,Dog,E-mail,Born,Weight\nA B,Rook,not an address,31.02.2020,heavy\n,Nobody's,,,\nA C,,,,\nA D,Fen,d@example.org,02.03.2021,14\n");

        $run = $this->postJson("/api/imports/{$found->json('id')}/dry-run", $this->way($found))->assertOk();

        self::assertSame([2, 2], [$run->json('newDogs'), $run->json('leftOut')]);
        self::assertSame(
            [[2, 'email', 'unreadable', 'not an address'], [2, 'born_on', 'unreadable', '31.02.2020'], [2, 'weight', 'unreadable', 'heavy'], [3, 'client', 'missing', ''], [4, 'dog', 'missing', '']],
            array_map(array_values(...), $run->json('problems')),
        );
        $this->readIn($found);
        self::assertEqualsCanonicalizing(['Rook', 'Fen'], Dog::query()->pluck('name')->all());
        self::assertStringContainsString('Ask: sex, age, coat, weight.', (string) Dog::query()->where('name', 'Rook')->sole()->mind);
    }

    public function test_a_name_that_only_looks_like_another_is_told_and_its_row_left_out(): void
    {
        $found = $this->bring("Owner,Dog\nA B,R\u{43E}ok\nA C,Ольга Olga\n");
        $run = $this->postJson("/api/imports/{$found->json('id')}/dry-run", $this->way($found))->assertOk();
        Contract::holds('post', '/api/imports/{import}/dry-run', $run);
        self::assertSame([[2, 'dog', 'two_alphabets', "R\u{43E}ok"]], array_map(array_values(...), $run->json('problems')));
        self::assertSame([1, 1], [$run->json('newDogs'), $run->json('leftOut')]);
    }

    public function test_a_dog_that_its_client_has_already_is_shown_and_added_only_where_that_is_wanted(): void
    {
        $this->readIn($this->bring(self::GERMAN));
        $again = $this->bring(self::GERMAN."Fennimore;Aurelio;;;Rook;;;;;;;;9\r\nFennimore;Aurelio;;;Rook;;;;;;;;9\r\n");

        $run = $this->postJson("/api/imports/{$again->json('id')}/dry-run", $this->way($again))->assertOk();
        self::assertSame([1, 2, 1, 4], [$run->json('newClients'), $run->json('knownClients'), $run->json('newDogs'), $run->json('twins')]);
        $this->readIn($again);
        self::assertSame(4, Dog::query()->count());

        $this->readIn($this->bring(self::GERMAN), ['addsTwins' => true]);
        self::assertSame([7, 3], [Dog::query()->count(), Client::query()->count()]);
    }

    public function test_two_people_of_one_name_with_other_telephones_are_two(): void
    {
        $this->readIn($this->bring("Owner,Phone,Dog\nA B,0555 0100,Rook\nA B,0555 0199,Fen\nA B,,Moss\na  b,+1 555 0100,Halla\n"));

        self::assertSame(2, Client::query()->count());
        self::assertSame(['Halla', 'Moss', 'Rook'], Client::query()->where('phone', '0555 0100')->sole()->dogs()->orderBy('name')->pluck('name')->all());
    }

    public function test_an_import_is_undone_but_for_what_somebody_has_worked_with(): void
    {
        $found = $this->bring(self::GERMAN);
        $this->readIn($found);
        $this->arrive(Dog::query()->where('name', 'Bosun')->sole());
        $this->travel(1)->minutes();
        Client::query()->where('name', 'Hester Lindqvist')->sole()->update(['phone' => '0555 0177']);

        $undone = $this->deleteJson("/api/imports/{$found->json('id')}")->assertOk();

        Contract::holds('delete', '/api/imports/{import}', $undone);
        self::assertSame(['clients' => 0, 'dogs' => 2, 'kept' => 1], $undone->json());
        self::assertSame(['Bosun'], Dog::query()->pluck('name')->all());
        self::assertEqualsCanonicalizing(['Kaspar Wrenfield', 'Hester Lindqvist'], Client::query()->pluck('name')->all(), 'whom somebody has changed stays');
        self::assertSame([], $this->getJson('/api/dogs?search=Tansy')->json('dogs'));
        $list = $this->getJson('/api/imports')->assertOk();
        Contract::holds('get', '/api/imports', $list);
        self::assertTrue($list->json('imports.0.undone'));
        $this->deleteJson("/api/imports/{$found->json('id')}")->assertUnprocessable();
    }

    public function test_many_rows_come_in_step_by_step_each_once_even_where_an_answer_is_lost(): void
    {
        $rows = implode('', array_map(fn(int $at): string => "Client {$at},0555 ".(10_000 + $at).",Dog {$at}\n", range(1, 1_100)));
        $found = $this->bring("Owner,Phone,Dog\n{$rows}");
        $step = fn(): array => $this->postJson("/api/imports/{$found->json('id')}/rows", $this->way($found))->assertOk()->json();

        self::assertSame(['done' => 500, 'rows' => 1100], $step());
        // Half of it, and then somebody thought better of it: the rest comes, or all of it goes.
        self::assertSame([500, 1100], [$this->getJson('/api/imports')->json('imports.0.done'), $this->getJson('/api/imports')->json('imports.0.rows')]);
        $step();
        self::assertSame(['done' => 1100, 'rows' => 1100], $step());
        self::assertSame(['done' => 1100, 'rows' => 1100], $step(), 'asked once more after a lost answer');

        self::assertSame([1100, 1100], [Dog::query()->count(), Client::query()->count()]);
        $this->deleteJson("/api/imports/{$found->json('id')}")->assertOk();
        self::assertSame([0, 0, 0], [Dog::query()->count(), Client::query()->count(), DB::table('name_words')->count()]);
    }

    #[TestWith(["\xEF\xBB\xBFOwner;Dog\nKäthe;Löwe\n"])]
    #[TestWith(["\"Owner\";\"Dog\"\r\"K\xE4the\";\"L\xF6we\"\r"])]
    #[TestWith(["\n\nOwner\tDog\nKäthe\tLöwe\n\t\n"])]
    public function test_encodings_line_ends_and_quotes_of_other_programs_are_read(string $csv): void
    {
        $this->readIn($this->bring($csv));

        self::assertSame(['Löwe', 'Käthe'], [Dog::query()->sole()->name, Client::query()->sole()->name]);
    }

    #[TestWith(["PK\x03\x04 a spreadsheet", 'In a spreadsheet program, save it as CSV'])]
    #[TestWith(["Owner,Dog\n", 'no row in this file'])]
    #[TestWith(['', 'no row in this file'])]
    public function test_what_is_no_table_is_told_with_what_to_do(string $bytes, string $says): void
    {
        self::assertStringContainsString($says, $this->bring($bytes)->assertUnprocessable()->json('message'));
    }

    public function test_names_are_asked_for_and_nothing_is_read_without_them(): void
    {
        $found = $this->bring("Owner,Thing\nA B,12\n");

        $this->postJson("/api/imports/{$found->json('id')}/dry-run", $this->way($found))->assertUnprocessable()
            ->assertJsonPath('message', 'Say which column holds the dog’s name, and which the client’s.');
        $this->postJson('/api/imports/'.Str::ulid().'/rows', $this->way($found))->assertUnprocessable();
    }

    public function test_it_is_the_owners(): void
    {
        $found = $this->bring(self::GERMAN);
        $this->signIn();
        $this->bring(self::GERMAN)->assertForbidden();
        $this->postJson("/api/imports/{$found->json('id')}/rows", $this->way($found))->assertForbidden();
        $this->deleteJson("/api/imports/{$found->json('id')}")->assertForbidden();
        self::assertSame(0, Dog::query()->count());
    }

    private function bring(string $csv): TestResponse
    {
        return $this->post('/api/imports', ['file' => UploadedFile::fake()->createWithContent('clients.csv', $csv)], ['Accept' => 'application/json']);
    }

    /** @return array<string, mixed> as it was proposed */
    private function way(TestResponse $found, array $more = []): array
    {
        return ['columns' => array_column($found->json('columns'), 'field'), 'dates' => null, 'addsTwins' => false, 'assumed' => self::ASSUMED, ...$more];
    }

    /** @param array<string, mixed> $more */
    private function readIn(TestResponse $found, array $more = []): void
    {
        do {
            $step = $this->postJson("/api/imports/{$found->json('id')}/rows", $this->way($found, $more))->assertOk();
            Contract::holds('post', '/api/imports/{import}/rows', $step);
        } while ($step->json('done') < $step->json('rows'));
    }
}
