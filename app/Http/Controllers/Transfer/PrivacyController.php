<?php

declare(strict_types=1);

namespace App\Http\Controllers\Transfer;

use App\Http\Answer;
use App\Http\Resources\Iso;
use App\Models\Client;
use App\Privacy\ClientExport;
use App\Privacy\Eraser;
use App\Privacy\OfClient;
use App\Privacy\Retention;
use App\Salon\Backup\FormerData;
use App\Salon\Done;
use App\Salon\HouseLog;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What is kept of clients, for how long, and how it goes. */
final readonly class PrivacyController
{
    public function __construct(private Retention $retention, private FormerData $former) {}

    /** What is kept of one client, and what stands in the way of forgetting them. */
    public function kept(Client $client): Answer
    {
        $of = new OfClient($client);
        $holds = $of->holds();

        return new Answer([
            ...$of->counts(),
            'erasedAt' => Iso::of($client->erased_at),
            'holds' => $holds === null ? null : ['why' => $holds[0], 'dog' => $holds[1]],
        ]);
    }

    public function export(Request $request, Client $client, ClientExport $export): BinaryFileResponse
    {
        $file = $export->write($client);
        HouseLog::note(Done::ClientTaken, $request->user());
        $name = 'client-'.strtolower(substr($client->id, -6)).'-'.now(config('salon.timezone'))->toDateString();

        return response()->download($file, "{$name}.zip", ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }

    public function forget(Request $request, Client $client, Eraser $eraser): Response
    {
        $dogs = $client->dogs()->count();
        $eraser->forget($client, $request->user());
        // Without a name: the log outlives the client.
        HouseLog::note(Done::ClientForgotten, $request->user(), ['dogs' => $dogs]);

        return response()->noContent();
    }

    public function retention(): Answer
    {
        $rule = $this->retention->rule();

        return new Answer([
            'photosMonths' => $rule?->photos_months === null ? null : (int) $rule->photos_months,
            'messagesMonths' => $rule?->messages_months === null ? null : (int) $rule->messages_months,
            'since' => $rule === null ? null : Iso::of(CarbonImmutable::parse($rule->created_at, 'UTC')),
            'by' => $rule?->by,
            'putAside' => $this->former->restores(),
        ]);
    }

    public function preview(Request $request): Answer
    {
        [$photos, $messages] = self::months($request);

        return new Answer($this->retention->preview($photos, $messages));
    }

    public function keep(Request $request): Answer
    {
        [$photos, $messages] = self::months($request);
        $this->retention->keep($photos, $messages, $request->user());
        HouseLog::note(Done::RetentionChanged, $request->user());

        return $this->retention();
    }

    /** @return array{int|null, int|null} of photos, of messages; null: kept until somebody erases them */
    private static function months(Request $request): array
    {
        $told = $request->validate([
            'photosMonths' => ['present', 'nullable', 'integer', 'between:1,600'],
            'messagesMonths' => ['present', 'nullable', 'integer', 'between:1,600'],
        ]);

        $months = fn(string $of): ?int => $told[$of] === null ? null : (int) $told[$of];

        return [$months('photosMonths'), $months('messagesMonths')];
    }
}
