<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\Photo;
use App\Models\StoredMark;
use App\Models\Visit;
use App\Salon\QuickChange;
use App\Visits\VisitMoved;
use App\Words\Words;
use HoundCheck\Core\Marks\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class PhotoTest extends TestCase
{
    private Visit $visit;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->signIn();
        $this->visit = $this->arrive();
    }

    public function test_a_photo_is_kept_drawn_anew_without_what_the_file_carried(): void
    {
        $sent = $this->jpeg(3000, 1500, exif: 'Taken at 54.1 N by a phone');
        self::assertStringContainsString('54.1 N', $sent);

        $answer = $this->take($sent, ['section' => 'tail'])->assertCreated()->assertJsonPath('mark.outcome', 'taken');
        Contract::holds('post', '/api/visits/{visit}/photos', $answer);
        $id = $answer->json('mark.id');

        $full = $this->get("/api/photos/{$id}/full")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        self::assertStringContainsString('no-store', (string) $full->headers->get('Cache-Control'));
        self::assertStringNotContainsString('54.1 N', (string) $full->getContent());
        self::assertSame([2048, 1024], array_slice((array) getimagesizefromstring((string) $full->getContent()), 0, 2));
        self::assertSame(
            [360, 180],
            array_slice((array) getimagesizefromstring((string) $this->get("/api/photos/{$id}/thumbnail")->getContent()), 0, 2),
        );
        $visit = $this->getJson("/api/visits/{$this->visit->id}")
            ->assertJsonPath('photos.0.section', 'tail')
            ->assertJsonPath('photos.0.widthPx', 2048)
            ->assertJsonPath('photos.0.earlierVisit', false);
        Contract::holds('get', '/api/visits/{visit}', $visit);
    }

    public function test_a_photo_that_was_cut_off_on_its_way_is_no_proof(): void
    {
        $whole = $this->jpeg(1200, 900, exif: 'thumbnail');
        $this->take(substr($whole, 0, (int) (strlen($whole) * 0.7)))
            ->assertUnprocessable()
            ->assertJsonPath('fields.picture.0', 'This photo was cut off on its way. Take it again, or choose the file again.');
        self::assertSame(0, Photo::query()->count());
        $this->take($whole."\0\0trailing bytes of a camera")->assertCreated();
    }

    public function test_a_photo_held_sideways_is_kept_the_right_way_up(): void
    {
        $id = $this->take($this->jpeg(400, 200, orientation: 6))->json('mark.id');

        self::assertSame([200, 400], [Photo::query()->findOrFail($id)->width_px, Photo::query()->findOrFail($id)->height_px]);
    }

    public function test_a_photo_sent_twice_is_kept_once_and_the_first_stays(): void
    {
        $id = (string) Str::ulid();
        $this->take($this->jpeg(60, 40), ['id' => $id])->assertCreated();
        $this->take($this->jpeg(90, 90), ['id' => $id])->assertOk()->assertJsonPath('mark.outcome', 'already');

        self::assertSame([60, 1], [Photo::query()->sole()->width_px, StoredMark::query()->where('kind', 'photo_taken')->count()]);
        $other = $this->arrive(Dog::factory()->create());
        $this->postPhoto($other, $this->jpeg(60, 40), ['id' => $id])->assertOk()->assertJsonPath('mark.reason', 'used_elsewhere');
    }

    #[DataProvider('wrongFiles')]
    public function test_a_file_that_cannot_be_kept_says_what_to_do(string $problem, string $content): void
    {
        $answer = $this->take($content)->assertUnprocessable()->assertJsonPath('fields.picture.0', Words::of("photos.{$problem}"));

        Contract::holds('post', '/api/visits/{visit}/photos', $answer);
        self::assertSame([0, 0], [Photo::query()->count(), count(Storage::disk('local')->allFiles())]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function wrongFiles(): iterable
    {
        yield 'text with a picture’s name' => ['not_a_picture', 'hello'];
        yield 'a drawing that could hold scripts' => ['not_a_picture', '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'];
        yield 'a GIF' => ['not_a_picture', base64_decode('R0lGODlhAQABAIAAAAAAAP///yH5BAEAAAAALAAAAAABAAEAAAIBRAA7', true)];
        yield 'a picture cut short' => ['not_a_picture', substr(base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', true), 0, 40)];
        // The head of a PNG that claims 6000 × 6000: it is refused before anybody decodes it.
        yield 'a small file with millions of pixels' => ['too_many_pixels', "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NN', 6000, 6000)."\x08\x02\x00\x00\x00".pack('N', 0)];
    }

    public function test_of_a_photo_whose_mark_could_not_be_stored_no_picture_is_left(): void
    {
        Event::listen(VisitMoved::class, fn() => throw new \RuntimeException('The disk is full.'));

        $this->take($this->jpeg(60, 40), ['section' => 'tail'])->assertStatus(500);

        self::assertSame([], Storage::disk('local')->allFiles());
        self::assertSame(0, Photo::query()->count());
    }

    public function test_a_photo_needs_a_picture_that_is_not_too_large(): void
    {
        $this->postJson(
            "/api/visits/{$this->visit->id}/photos",
            ['id' => (string) Str::ulid(), 'at' => self::now(), 'device' => self::DEVICE, 'moment' => 'before'],
        )
            ->assertUnprocessable()->assertJsonPath('fields.picture.0', Words::of('photos.missing'));
        $this->post(
            "/api/visits/{$this->visit->id}/photos",
            [...$this->fields(), 'picture' => UploadedFile::fake()->create('big.jpg', 13 * 1024)],
            ['Accept' => 'application/json'],
        )
            ->assertUnprocessable()->assertJsonPath('fields.picture.0', Words::of('photos.too_large'));
    }

    public function test_a_photo_mark_without_its_picture_is_refused(): void
    {
        $this->send($this->visit, [$this->mark('photo_taken', ['moment' => 'before', 'widthPx' => 10, 'heightPx' => 10], 'tail')])
            ->assertOk()->assertJsonPath('marks.0.reason', 'photo_needs_its_file');
    }

    public function test_a_photo_shows_a_finding_and_comes_back_with_it_at_the_next_visit(): void
    {
        $finding = $this->record($this->visit, 'finding_noted', ['kind' => 'growth'], 'back');
        $photo = $this->take($this->jpeg(60, 40), ['section' => 'back', 'findingId' => $finding])->assertCreated()->json('mark.id');
        $this->take($this->jpeg(60, 40), ['findingId' => (string) Str::ulid()])
            ->assertOk()
            ->assertJsonPath('mark.reason', 'no_such_finding');
        $this->record($this->visit, 'handed_over', ['skippedBecause' => 'On paper']);
        foreach ([1, 2] as $visits) {
            $this->travel(40)->days();
            $next = $this->arrive($this->visit->dog);
            $photos = $this->getJson("/api/visits/{$next->id}")->json('photos');
            self::assertSame(
                [[$photo, true, $finding]],
                array_map(fn(array $one): array => [$one['id'], $one['earlierVisit'], $one['findingId']], $photos),
                "visit {$visits} after",
            );
            $this->record($next, 'handed_over', ['skippedBecause' => 'On paper']);
        }
    }

    public function test_only_the_owner_erases_a_picture_and_the_trace_of_it_stays(): void
    {
        $id = $this->take($this->jpeg(60, 40), ['section' => 'tail'])->json('mark.id');
        $erase = fn(): array => $this->mark('photo_deleted', ['photoId' => $id, 'reason' => 'A client’s face in it']);
        $this->send($this->visit, [$erase()])->assertJsonPath('marks.0.reason', 'needs_an_owner');
        $this->send($this->visit, [$this->mark('withdrawn', ['markId' => $id])])->assertJsonPath('marks.0.reason', 'cannot_be_withdrawn');
        $this->record($this->visit, 'handed_over', ['skippedBecause' => 'On paper']);

        $this->signIn(Role::Owner);
        $this->withSession([QuickChange::SESSION => true])->send($this->visit, [$erase()])->assertJsonPath('marks.0.reason', 'needs_the_password');
        $this->withSession([QuickChange::SESSION => false])->send($this->visit, [$erase()])->assertJsonPath('marks.0.outcome', 'taken');
        $this->get("/api/photos/{$id}/full")->assertNotFound();
        self::assertSame([], Storage::disk('local')->allFiles());
        $this->getJson("/api/visits/{$this->visit->id}")
            ->assertJsonPath('photos.0.id', $id)
            ->assertJsonPath('photos.0.erased.reason', 'A client’s face in it');
        $this->send($this->visit, [$erase()])->assertJsonPath('marks.0.reason', 'no_such_photo');
    }

    public function test_pictures_are_for_people_of_the_salon(): void
    {
        $id = $this->take($this->jpeg(60, 40))->json('mark.id');
        auth()->logout();

        $this->getJson("/api/photos/{$id}/full")->assertUnauthorized();
        $this->signIn();
        $this->getJson("/api/photos/{$id}/original")->assertNotFound();
        $this->getJson('/api/photos/'.Str::ulid().'/full')->assertNotFound();
    }

    public function test_photos_are_rebuilt_from_their_marks_and_a_picture_left_behind_is_erased(): void
    {
        $id = $this->take($this->jpeg(60, 40), ['section' => 'tail'])->json('mark.id');
        $before = Photo::query()->sole()->toArray();
        Photo::query()->delete();
        $this->artisan('visits:rebuild')->assertSuccessful();
        self::assertSame($before, Photo::query()->sole()->toArray());

        Photo::query()->update(['deleted_at' => '2026-01-01 00:00:00.000']);
        $this->artisan('visits:rebuild')->assertSuccessful();
        self::assertNull(Photo::query()->sole()->deleted_at);
        self::assertNotSame([], Storage::disk('local')->allFiles());
        $this->signIn(Role::Owner);
        $this->record($this->visit, 'photo_deleted', ['photoId' => $id, 'reason' => 'Blurred']);
        Storage::disk('local')->put('photos/'.substr($id, 0, 3)."/{$id}-full.jpg", 'left behind');
        $this->artisan('visits:rebuild')->assertSuccessful();
        self::assertSame([], Storage::disk('local')->allFiles());
    }

    /** @return array<string, string> */
    private function fields(): array
    {
        return ['id' => (string) Str::ulid(), 'at' => self::now(), 'device' => self::DEVICE, 'moment' => 'before'];
    }

    /** @param array<string, string> $more */
    private function take(string $picture, array $more = []): TestResponse
    {
        return $this->postPhoto($this->visit, $picture, $more);
    }

    /** @param array<string, string> $more */
    private function postPhoto(Visit $visit, string $picture, array $more): TestResponse
    {
        return $this->post(
            "/api/visits/{$visit->id}/photos",
            [...$this->fields(), ...$more, 'picture' => UploadedFile::fake()->createWithContent('photo.jpg', $picture)],
            ['Accept' => 'application/json'],
        );
    }

    /** A JPEG with an EXIF block: a description and the way the camera was held. */
    private function jpeg(int $width, int $height, string $exif = '', int $orientation = 1): string
    {
        $image = imagecreatetruecolor($width, $height);
        ob_start();
        imagejpeg($image);
        $plain = (string) ob_get_clean();
        $text = $exif."\0";
        // One directory of a little-endian TIFF: 0x010E description, 0x0112 orientation.
        $tiff = 'II*'."\0".pack('V', 8).pack('v', 2)
            .pack('vvVV', 0x010E, 2, strlen($text), 38).pack('vvVvv', 0x0112, 3, 1, $orientation, 0).pack('V', 0).str_pad($text, 8, "\0");

        return "\xFF\xD8\xFF\xE1".pack('n', 8 + strlen($tiff))."Exif\0\0".$tiff.substr($plain, 2);
    }
}
