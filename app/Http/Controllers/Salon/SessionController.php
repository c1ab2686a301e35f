<?php

declare(strict_types=1);

namespace App\Http\Controllers\Salon;

use App\Database\Salons;
use App\Http\Answer;
use App\Http\Middleware\AskPasswordAgain;
use App\Http\Middleware\EnterSalon;
use App\Http\Requests\OwnWaysRequest;
use App\Http\Requests\SignInRequest;
use App\Http\SignInGuard;
use App\Models\Staff;
use App\Salon\Browser;
use App\Salon\Done;
use App\Salon\HouseLog;
use App\Salon\QuickChange;
use App\Salon\SetUp;
use App\Salon\SignIns;
use App\Words\Languages;
use App\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

final readonly class SessionController
{
    public function __construct(private Salons $salons) {}

    public function show(Request $request): Answer
    {
        return $this->session($request, $request->user());
    }

    public function store(SignInRequest $request): Answer
    {
        $staff = SignInGuard::for($request, $request->string('name')->toString())->staff($request->string('password')->toString());
        if ($staff === null) {
            throw ValidationException::withMessages(['name' => [Words::of('sign_in.wrong')]]);
        }

        return $this->begin($request, $staff, Done::SignedIn);
    }

    /** Signed in from here on, on this device; by PIN that is the work at a dog, and nothing else. */
    public function begin(Request $request, Staff $staff, Done $how, bool $isByPin = false): Answer
    {
        Auth::login($staff);
        $request->session()->regenerate();
        if ($isByPin) {
            $request->session()->put(QuickChange::SESSION, true);
            AskPasswordAgain::notGiven($request->session());
        } else {
            $request->session()->forget(QuickChange::SESSION);
            AskPasswordAgain::given($request->session());
        }
        $request->session()->put(EnterSalon::SESSION, $this->salons->current());
        SignIns::begin($request, $staff);
        rescue(fn() => HouseLog::note($how, $staff, ['browser' => Browser::named((string) $request->userAgent())]));

        return $this->session($request, $staff);
    }

    /** How the person who is signed in works the screens, on whichever tablet. */
    public function update(OwnWaysRequest $request): Answer
    {
        $request->user()->forceFill($request->columns())->save();

        return $this->session($request, $request->user());
    }

    public function destroy(Request $request): Response
    {
        // On a disk that takes no more one signs out all the same.
        rescue(fn() => HouseLog::note(Done::SignedOut, $request->user()));
        Auth::logout();
        SignIns::endHere($request->session());

        return response()->noContent();
    }

    /**
     * @param array<string, string> $salons names by short name
     *
     * @return list<array{id: string, name: string}> from which whoever signs in chooses
     */
    private static function named(array $salons): array
    {
        return array_map(fn(string $id): array => ['id' => $id, 'name' => $salons[$id]], array_keys($salons));
    }

    private function session(Request $request, ?Staff $staff): Answer
    {
        return new Answer([
            'staff' => $staff === null ? null : [
                'id' => $staff->id,
                'name' => $staff->name,
                'role' => $staff->role->value,
                'letterKeys' => $staff->letter_keys,
                'language' => $staff->language,
                'hasPin' => $staff->pin !== null,
                'byPin' => QuickChange::isBehind($request),
            ],
            'salon' => [
                'id' => $this->salons->current(),
                'name' => config('salon.name'),
                'timezone' => config('salon.timezone'),
                'currency' => config('salon.currency'),
                'language' => Languages::ofTheSalon(),
                'units' => config('salon.units') === 'imperial' ? 'imperial' : 'metric',
                'firstWeekday' => (int) config('salon.first_weekday'),
                'vetPhone' => config('salon.vet_phone'),
                'quickChange' => QuickChange::tabletOf($request) !== null,
                'comparesSalons' => $staff !== null && Gate::forUser($staff)->allows('compare-salons'),
                'isNew' => $staff === null && SetUp::isOpen(),
            ],
            'salons' => self::named($this->salons->all()),
        ]);
    }
}
