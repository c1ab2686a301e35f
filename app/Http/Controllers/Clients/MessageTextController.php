<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Clients\MessageKind;
use App\Clients\SalonTime;
use App\Clients\Sender;
use App\Clients\TextProblem;
use App\Clients\TextsMovedOn;
use App\Clients\Wording;
use App\Database\OneByOne;
use App\Http\Answer;
use App\Http\Resources\Iso;
use App\Models\MessageText;
use App\Salon\Done;
use App\Salon\HouseLog;
use App\Words\Languages;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** What messages to clients say: the owner's own words by kind and language. */
final readonly class MessageTextController
{
    public function index(Sender $sender): Answer
    {
        $texts = [];
        foreach (MessageKind::cases() as $kind) {
            foreach (Languages::all() as $language) {
                $texts[] = self::row($kind, $language);
            }
        }

        return new Answer(['sender' => $sender->name(), 'texts' => $texts]);
    }

    /** As it would read; nothing is kept. */
    public function preview(Request $request): Answer
    {
        [$kind, $language, $text] = self::read($request);

        return new Answer(['text' => Wording::fill($text ?? Wording::delivered($kind, $language), self::sample($language))]);
    }

    public function store(Request $request): Answer
    {
        [$kind, $language, $text] = self::read($request);
        $request->validate(['after' => ['present', 'nullable', 'string', 'ulid']]);
        DB::transaction(function () use ($request, $kind, $language, $text): void {
            OneByOne::on('texts');
            $latest = Wording::latest($kind, $language);
            if ($latest?->id !== ($request->filled('after') ? $request->string('after')->toString() : null)) {
                throw TextsMovedOn::by($latest?->staff->name);
            }
            MessageText::query()->create([
                'id' => (string) Str::ulid(),
                'kind' => $kind->value,
                'language' => $language,
                'text' => $text,
                'staff_id' => $request->user()->id,
                'created_at' => CarbonImmutable::now(),
            ]);
        });

        HouseLog::note(Done::TextChanged, $request->user(), ['text' => $kind->value, 'language' => $language]);

        return new Answer(self::row($kind, $language), 201);
    }

    /**
     * @return array{MessageKind, string, string|null} null: as it comes with Hound Check
     *
     * @throws ValidationException
     */
    private static function read(Request $request): array
    {
        $request->validate([
            'kind' => ['required', Rule::enum(MessageKind::class)],
            'language' => ['required', Rule::in(Languages::all())],
            'text' => ['present', 'nullable', 'string'],
        ]);
        $kind = MessageKind::from($request->string('kind')->toString());
        $text = $request->filled('text') ? $request->string('text')->trim()->toString() : null;
        [$problem, $word] = $text === null ? [null, ''] : Wording::problem($kind, $text) ?? [null, ''];
        if ($problem instanceof TextProblem) {
            throw ValidationException::withMessages([
                'text' => [Words::of("texts.{$problem->value}", ['word' => $word, 'most' => Wording::LONGEST])],
            ]);
        }

        return [$kind, $request->string('language')->toString(), $text];
    }

    /** @return array<string, mixed> */
    private static function row(MessageKind $kind, string $language): array
    {
        $latest = Wording::latest($kind, $language);
        $delivered = Wording::delivered($kind, $language);
        $text = $latest->text ?? $delivered;

        return [
            'kind' => $kind->value,
            'language' => $language,
            'text' => $text,
            'delivered' => $delivered,
            'own' => $latest?->text !== null,
            'id' => $latest?->id,
            'by' => $latest?->staff->name,
            'at' => Iso::of($latest?->created_at),
            'words' => $kind->words(),
            'needs' => $kind->needs(),
            'preview' => Wording::fill($text, self::sample($language)),
        ];
    }

    /** @return array<string, string> words of a made-up appointment */
    private static function sample(string $language): array
    {
        $at = CarbonImmutable::now(config('salon.timezone'))->addDays(3)->setTime(10, 30);

        return [
            'salon' => (string) config('salon.name'),
            'phone' => (string) config('salon.phone'),
            'client' => Words::of('texts.sample_client', [], $language),
            'dog' => Words::of('texts.sample_dog', [], $language),
            'day' => SalonTime::day($at, $language),
            'time' => SalonTime::clock($at, $language),
            'promised' => SalonTime::clock($at->addHours(3), $language),
            'minutes' => '10',
            'who' => Words::of('texts.sample_client', [], $language),
            'advice' => Words::of('clients.next_day.quiet_evening', ['dog' => Words::of('texts.sample_dog', [], $language)], $language),
        ];
    }
}
