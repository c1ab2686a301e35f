<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Transfer\DossierFile;
use App\Transfer\Import\CsvTable;
use HoundCheck\Core\Marks\Role;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;
use ZipArchive;

/** What cannot be used is refused before anybody works with it, in words that say what to do. */
final class AtTheDoorTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn(Role::Owner);
    }

    #[DataProvider('bodies')]
    public function test_no_number_that_is_none_and_no_character_that_nobody_sees(string $method, string $address, string $body, string $says): void
    {
        $answer = $this->sendRaw($method, $address, $body)->assertStatus(400);

        self::assertStringContainsString($says, (string) $answer->json('message'));
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function bodies(): iterable
    {
        yield 'a rule of 1e999' => ['POST', '/api/house-rules', '{"base":1,"changes":{"effort.layerMm":1e999}}', 'A number in this is too large'];
        yield 'months of 1e999' => ['PUT', '/api/retention', '{"photosMonths":1e999,"messagesMonths":null}', 'A number in this is too large'];
        yield 'a dog of -1e999 kg' => ['POST', '/api/dogs', '{"id":"01J0000000000000000000DOG1","weightKg":-1e999}', 'A number in this is too large'];
        yield 'a name that turns round' => ['POST', '/api/dogs', "{\"name\":\"Rook\u{202E}gnp.exe\"}", 'characters in this that nobody sees'];
        yield 'a name with a bell' => ['POST', '/api/dogs', '{"name":"Ro\u0007ok"}', 'characters in this that nobody sees'];
        yield 'isolated text' => ['POST', '/api/staff', "{\"name\":\"Im\u{2066}ke\"}", 'characters in this that nobody sees'];
    }

    /** @param array<string, mixed> $body */
    #[TestWith(['post', '/api/dogs', ['name' => "R\u{43E}ok"], 'name'])]
    #[TestWith(['post', '/api/dogs', ['name' => 'Rook', 'client' => ['name' => "Ada L\u{43E}we"]], 'client.name'])]
    #[TestWith(['post', '/api/staff', ['name' => "Imk\u{435}"], 'name'])]
    public function test_a_name_that_only_looks_like_another_is_said_at_its_field(string $method, string $address, array $body, string $field): void
    {
        $this->signIn(Role::Owner);
        $answer = $this->json($method, $address, $body)->assertStatus(422);
        self::assertStringContainsString('mixes letters of two alphabets', $answer->json('fields')[$field][0]);
    }

    #[TestWith(['Ольга Olga'])]
    #[TestWith(['Łukasz Ørsted-Ñandú'])]
    #[TestWith(['Αθηνά'])]
    #[TestWith(['O’Brien 2'])]
    public function test_names_in_the_letters_of_any_language_are_names(string $name): void
    {
        $dog = $this->arrive()->dog;
        $this->patchJson("/api/clients/{$dog->client_id}", ['name' => $name])->assertOk();
        self::assertSame($name, $dog->client->refresh()->name);
    }

    public function test_lines_and_words_of_any_language_are_let_in(): void
    {
        $visit = $this->arrive();
        $text = "Zwei Zeilen\nmit\tTab, עברית, 日本語, Ñandú, 🐾";

        $this->record($visit, 'note_written', ['text' => $text]);
        $this->getJson("/api/visits/{$visit->id}")->assertJsonPath('notes.0.text', $text);
    }

    public function test_a_number_in_words_is_one(): void
    {
        $this->postJson('/api/retention/preview', ['photosMonths' => ' 5 ', 'messagesMonths' => '6'])->assertOk();
        $this->putJson('/api/retention', ['photosMonths' => ' 5 ', 'messagesMonths' => '6'])->assertOk()->assertJsonPath('photosMonths', 5);
    }

    public function test_a_table_of_nothing_but_commas_is_no_table_and_needs_no_memory(): void
    {
        $csv = str_repeat(',', 8_000_000);
        $before = memory_get_usage();
        memory_reset_peak_usage();
        try {
            CsvTable::read($csv);
            self::fail('It was read.');
        } catch (\App\Transfer\Import\UnreadableTable $refused) {
            self::assertStringContainsString('no table of text', $refused->getMessage());
        }
        self::assertLessThan(48 * 1024 * 1024, memory_get_peak_usage() - $before);
    }

    public function test_a_quotation_mark_that_nothing_closes_is_told_with_its_line(): void
    {
        $this->expectExceptionMessage('From line 3 on a quotation mark is open');
        CsvTable::read("Owner,Dog\nAnn,Rook\n\"Bea,Kelp\nCleo,Wrack\n");
    }

    public function test_a_dossier_of_nothing_but_brackets_is_refused_before_it_is_taken_apart(): void
    {
        $path = tempnam(sys_get_temp_dir(), 'dossier');
        $zip = new ZipArchive;
        $zip->open((string) $path, ZipArchive::OVERWRITE);
        $zip->addFromString('dossier.json', '{"a":['.str_repeat('[],', 9_000_000).'[]]}');
        $zip->close();
        memory_reset_peak_usage();
        try {
            DossierFile::open((string) $path);
            self::fail('It was read.');
        } catch (\App\Transfer\DossierRefused $refused) {
            self::assertLessThan(200 * 1024 * 1024, memory_get_peak_usage());
        } finally {
            unlink((string) $path);
        }
    }

    private function sendRaw(string $method, string $address, string $body): TestResponse
    {
        return $this->call($method, $address, [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], $body);
    }
}
