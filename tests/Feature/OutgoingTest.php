<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Transfer\Outgoing;
use HoundCheck\Core\Marks\Role;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;
use ZipArchive;

/** What a salon knows of people is on this computer's disk, as an archive, no longer than it takes to send it. */
final class OutgoingTest extends TestCase
{
    /** @return iterable<string, array{\Closure(Dog): string}> */
    public static function archives(): iterable
    {
        yield 'a dossier' => [fn(Dog $dog): string => "/api/dogs/{$dog->id}/dossier"];
        yield 'all of a client' => [fn(Dog $dog): string => "/api/clients/{$dog->client_id}/export"];
        yield 'everything' => [fn(): string => '/api/exports/everything'];
        yield 'tables' => [fn(): string => '/api/exports/tables'];
    }

    #[DataProvider('archives')]
    public function test_an_archive_lies_where_nobody_else_reads_and_is_gone_when_it_is_sent(\Closure $address): void
    {
        $answer = $this->get($address($this->dog()))->assertOk();

        self::assertSame([$answer->baseResponse->getFile()->getPathname()], $this->left());
        self::assertSame(0700, fileperms(config('salon.outgoing_folder')) & 0777);
        ob_start();
        $answer->baseResponse->sendContent();
        self::assertStringStartsWith('PK', (string) ob_get_clean());
        self::assertSame([], $this->left());
    }

    public function test_an_archive_that_breaks_off_leaves_nothing(): void
    {
        $dog = $this->dog();
        $disk = \Mockery::mock(Storage::disk('local'))->makePartial();
        $disk->shouldReceive('get')->andThrow(new \RuntimeException('The disk does not give what it has.'));
        Storage::set('local', $disk);
        foreach (['a dossier', 'all of a client', 'everything'] as $what) {
            $this->getJson(iterator_to_array(self::archives())[$what][0]($dog))->assertServerError();
            self::assertSame([], $this->left(), $what);
        }
    }

    public function test_half_an_archive_is_not_written_later_either_when_php_lets_go_of_it(): void
    {
        // As PHP is without settings: a failure keeps what was given to whoever failed.
        $before = ini_set('zend.exception_ignore_args', '0');
        $break = function (ZipArchive $zip): void {
            $zip->addFromString('client.json', 'Hester');
            throw new \RuntimeException('No more.');
        };
        try {
            Outgoing::zip('client', [$break]);
            self::fail('It was told to break off.');
        } catch (\RuntimeException $failure) {
            self::assertSame('No more.', $failure->getMessage());
        } finally {
            ini_set('zend.exception_ignore_args', (string) $before);
        }
        unset($failure, $break);

        self::assertSame([], $this->left());
    }

    public function test_what_a_killed_process_left_goes_with_the_next_archive_and_every_hour(): void
    {
        $dog = $this->dog();
        $folder = config('salon.outgoing_folder');
        $leave = function (int $minutes) use ($folder): void {
            is_dir("{$folder}/tables-{$minutes}") || mkdir("{$folder}/tables-{$minutes}", 0700, true);
            touch("{$folder}/tables-{$minutes}/clients.csv");
            touch("{$folder}/client-{$minutes}.zip.Xy12");
            array_map(fn(string $left): bool => touch($left, time() - $minutes * 60), glob("{$folder}/*-{$minutes}*"));
        };
        $leave(61);
        $leave(50);

        $this->get("/api/dogs/{$dog->id}/dossier")->assertOk();
        self::assertSame(['client-50.zip.Xy12', 'dossier-', 'tables-50'], $this->names());

        $leave(61);
        $hourly = array_filter(app(Schedule::class)->events(), fn($event): bool => $event->expression === '0 * * * *');
        array_map(fn($event) => $event->run($this->app), $hourly);
        self::assertSame(['client-50.zip.Xy12', 'dossier-', 'tables-50'], $this->names());
    }

    /** A dog with a picture, of whom an owner may take everything along. */
    private function dog(): Dog
    {
        Storage::fake('local', ['throw' => true]);
        $this->signIn(Role::Owner);
        $dog = Dog::factory()->create();
        $visit = $this->arrive($dog);
        $this->post("/api/visits/{$visit->id}/photos", [
            'id' => (string) Str::ulid(), 'at' => self::now(), 'device' => self::DEVICE, 'moment' => 'before', 'section' => 'tail',
            'picture' => UploadedFile::fake()->image('x.jpg', 40, 30),
        ])->assertSuccessful();
        $this->record($visit, 'stopped', ['reason' => 'Only looked']);

        return $dog;
    }

    /** @return list<string> */
    private function left(): array
    {
        return glob(config('salon.outgoing_folder').'/*') ?: [];
    }

    /** @return list<string> their names, without what is drawn by lot */
    private function names(): array
    {
        return array_map(fn(string $path): string => (string) preg_replace('/^(dossier-).*/', '$1', basename($path)), $this->left());
    }
}
