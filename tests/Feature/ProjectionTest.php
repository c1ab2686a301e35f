<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\Photo;
use App\Models\Staff;
use App\Models\Visit;
use App\Visits\PhotoSize;
use App\Visits\PhotoStore;
use App\Visits\VisitDesk;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Group;
use Tests\TestCase;

/** Lists, card and clocks beside the marks: what follows from them, and what does not. */
final class ProjectionTest extends TestCase
{
    use AWholeMorning;

    private const TABLES = [
        'visits',
        'findings',
        'grade_differences',
        'photos',
        'work_times',
        'work_clocks',
        'combed_out',
        'dogs',
        'clients',
        'staff',
        'marks',
        'shown_plans',
        'client_links',
        'messages',
        'house_rules',
        'name_words',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->travelTo('2026-06-09 09:00:00');
        $this->signIn();
    }

    public function test_a_visit_read_before_another_tablet_wrote_is_written_as_it_is_now(): void
    {
        $visit = $this->arrive();
        $old = Visit::query()->findOrFail($visit->id);
        $check = $this->record($visit, 'comb_checked', ['comb' => 'glides', 'skinLine' => 'clear'], 'tail');
        $undo = (new MarkReader)->read(
            MarkKind::Withdrawn,
            (string) Str::ulid(),
            null,
            CarbonImmutable::now()->toDateTimeImmutable(),
            '',
            ['markId' => $check],
            self::DEVICE,
        );

        app(VisitDesk::class)->record($old, [$undo], Staff::query()->firstOrFail());

        $row = Visit::query()->sole();
        self::assertSame(
            str_repeat('-', 30),
            $row->grades,
            'as the old reading had it, and so it looked unchanged',
        );
        self::assertSame(DB::table('marks')->max('number'), $row->last_number);
    }

    public function test_the_card_says_what_was_answered_or_edited_last_whatever_is_recorded_or_rebuilt_afterwards(): void
    {
        $dog = Dog::factory()->create(['weight_kg' => 24, 'health' => [], 'temperament' => 'easy']);
        $visit = $this->arrive($dog);
        $answer = $this->record($visit, 'arrival_answered', ['weightKg' => 25.5]);
        self::assertSame(25.5, $dog->refresh()->weight_kg);

        $this->patchJson("/api/dogs/{$dog->id}", ['weightKg' => 26, 'health' => ['joint_pain'], 'temperament' => 'mouthy'])->assertOk();
        $this->record($visit, 'note_written', ['text' => 'x']);
        $this->artisan('visits:rebuild')->assertSuccessful();
        self::assertSame([26.0, ['joint_pain'], 'mouthy'], [$dog->refresh()->weight_kg, $dog->health, $dog->temperament->value]);

        $this->record($visit, 'withdrawn', ['markId' => $answer]);
        self::assertSame([26.0, ['joint_pain']], [$dog->refresh()->weight_kg, $dog->health], 'what was written on the card since stays');

        $answer = $this->record($visit, 'arrival_answered', ['weightKg' => 27]);
        self::assertSame(27.0, $dog->refresh()->weight_kg);
        $this->record($visit, 'withdrawn', ['markId' => $answer]);
        self::assertSame(24.0, $dog->refresh()->weight_kg, 'an answer taken back takes what it said off the card');
    }

    public function test_a_rebuild_gives_the_rows_of_every_table_as_they_stand(): void
    {
        $this->wholeMorning();
        $rows = fn(): array => array_combine(
            self::TABLES,
            array_map(self::rowsOf(...), self::TABLES),
        );
        $before = $rows();
        foreach ([
            'findings',
            'grade_differences',
            'photos',
            'work_times',
            'work_clocks',
            'combed_out',
            'client_links',
            'messages',
            'shown_plans',
        ] as $table) {
            self::assertNotSame([], $before[$table], $table);
        }
        $this->travel(3)->days();

        $this->artisan('visits:rebuild')->assertSuccessful();

        self::assertEquals($before, $rows());
    }

    public function test_a_rebuild_is_whole_or_not_at_all(): void
    {
        $this->wholeMorning();
        $times = DB::table('work_times')->count();
        self::breakWrites('update', 'visits');

        try {
            $this->artisan('visits:rebuild');
            self::fail('The rebuild went through.');
        } catch (\Throwable) {
            self::mendWrites('visits');
        }
        self::assertSame($times, DB::table('work_times')->count());
    }

    public function test_a_photo_whose_mark_could_not_be_stored_leaves_no_picture_behind(): void
    {
        $visit = $this->arrive();
        self::breakWrites('insert', 'photos');
        $id = $this->photo($visit, 500);

        self::assertSame([0, 0], [DB::table('marks')->where('kind', 'photo_taken')->count(), Photo::query()->count()]);
        self::assertNull(app(PhotoStore::class)->read($id, PhotoSize::Full));
    }

    public function test_a_picture_without_a_mark_is_swept_by_a_rebuild_once_it_is_old(): void
    {
        $visit = $this->arrive();
        $kept = $this->photo($visit, 201);
        $disk = app('filesystem')->disk('local');
        $orphan = (string) Str::ulid();
        foreach (['full', 'thumbnail'] as $size) {
            $disk->put('photos/'.substr($orphan, 0, 3)."/{$orphan}-{$size}.jpg", 'x');
        }
        $this->artisan('visits:rebuild');
        self::assertNotNull(app(PhotoStore::class)->read($orphan, PhotoSize::Full), 'its mark may be on its way');

        foreach ($disk->allFiles('photos') as $file) {
            touch($disk->path($file), time() - 7200);
        }
        $this->artisan('visits:rebuild');
        self::assertNull(app(PhotoStore::class)->read($orphan, PhotoSize::Full));
        self::assertNotNull(app(PhotoStore::class)->read($kept, PhotoSize::Full));
    }

    public function test_a_note_on_a_visit_with_findings_costs_few_queries(): void
    {
        $visit = $this->arrive();
        foreach (['tail', 'back', 'belly', 'chest'] as $section) {
            $this->record($visit, 'finding_noted', ['kind' => 'redness'], $section);
        }
        $queries = 0;
        DB::listen(function () use (&$queries): void {
            $queries++;
        });

        $this->record($visit, 'note_written', ['text' => 'x']);

        self::assertLessThanOrEqual(35, $queries, 'the mark, and the visit that is drawn after it');
    }

    #[Group('sqlite')]
    public function test_what_was_acknowledged_survives_a_power_cut(): void
    {
        self::assertSame(2, (int) DB::selectOne('PRAGMA synchronous')->synchronous, 'FULL: SQLite waits for the disk before it answers');
    }

    public function test_room_that_runs_out_is_said_beforehand(): void
    {
        $this->getJson('/api/day')->assertJsonPath('lowSpace', false);
        config(['salon.low_space_megabytes' => PHP_INT_MAX / 1024 / 1024 / 2]);
        $this->getJson('/api/day')->assertJsonPath('lowSpace', true);
    }

    #[Group('sqlite')]
    public function test_foreign_keys_are_indexed_so_that_nothing_is_searched_row_by_row(): void
    {
        foreach ([['dogs', 'client_id'], ['messages', 'client_link_id'], ['marks', 'staff_id']] as [$table, $column]) {
            $plan = DB::select("EXPLAIN QUERY PLAN SELECT * FROM {$table} WHERE {$column} = 'x'");
            self::assertStringContainsString('USING INDEX', $plan[0]->detail, "{$table}.{$column}");
        }
    }

    public function test_a_name_is_found_by_the_beginnings_of_its_words(): void
    {
        $dog = Dog::factory()->create(['name' => 'Dulse']);
        $dog->client->update(['name' => 'Åsa Lindqvist-Berg']);
        $found = fn(string $text): array => array_column(
            $this->getJson('/api/dogs?search='.urlencode($text))->assertOk()->json('dogs'),
            'id',
        );

        foreach (['dul', 'DULSE', 'asa', 'berg dulse', 'lind', ''] as $text) {
            self::assertSame([$dog->id], $found($text), $text);
        }
        self::assertSame([], $found('dulse holm'));
        self::assertSame([$dog->client_id], array_column($this->getJson('/api/clients?search=lindq')->json('clients'), 'id'));
    }

    #[Group('sqlite')]
    public function test_a_search_reads_no_table_through(): void
    {
        $plan = implode(
            ' ',
            array_column(
                DB::select("EXPLAIN QUERY PLAN SELECT dog_id FROM name_words WHERE dog_id IS NOT NULL AND word >= 'dul' AND word < 'dul~'"),
                'detail',
            ),
        );
        self::assertStringContainsString('USING COVERING INDEX', $plan);
    }

    public function test_a_note_from_the_office_leaves_the_dog_to_the_groomer_and_the_forecast_as_it_was(): void
    {
        $visit = $this->arrive();
        $this->inspect($visit);
        $groomer = $visit->refresh()->groomer_id;
        $forecast = $this->getJson("/api/visits/{$visit->id}")->json('table.forecast');

        $office = $this->signIn(Role::Owner);
        $this->record($visit, 'note_written', ['text' => 'The client rang.']);
        DB::table('work_clocks')->insert([
            'staff_id' => $office->id,
            'coat' => $visit->dog->coat->value,
            'work' => 'table',
            'count' => 50,
            'log_sum' => 30,
            'ratios' => '[]',
            'visit_ratios' => '[]',
        ]);

        self::assertNotSame($office->id, $groomer);
        self::assertSame($groomer, $visit->refresh()->groomer_id);
        self::assertSame($forecast, $this->getJson("/api/visits/{$visit->id}")->json('table.forecast'));
        self::assertSame($forecast, $this->getJson("/api/visits/{$visit->id}/record")->json('visit.table.forecast'));
    }

    public function test_a_note_that_arrives_hours_late_does_not_turn_the_day_back(): void
    {
        $visit = $this->arrive();
        $late = $this->mark('note_written', ['text' => 'x']);
        $this->travel(3)->hours();
        $this->inspect($visit);
        $last = $visit->refresh()->last_mark_at;

        $this->send($visit, [$late])->assertJsonPath('marks.0.outcome', 'taken');

        self::assertTrue($visit->refresh()->last_mark_at?->equalTo($last));
        self::assertSame($last?->getTimestamp(), $visit->day_facts['lastAt']);
    }
}
