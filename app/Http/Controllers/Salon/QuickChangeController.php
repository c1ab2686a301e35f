<?php

declare(strict_types=1);

namespace App\Http\Controllers\Salon;

use App\Http\Answer;
use App\Models\Staff;
use App\Salon\Done;
use App\Salon\HouseLog;
use App\Salon\QuickChange;
use App\Salon\SignIns;
use App\Salon\StaffBook;
use App\Salon\StaffNotKept;
use App\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

/** People change on a tablet of the salon by PIN. */
final readonly class QuickChangeController
{
    public function __construct(private QuickChange $tablets) {}

    /** Who may change here; nobody elsewhere, so that names are told to the salon's tablets only. */
    public function show(Request $request): Answer
    {
        $isOn = QuickChange::tabletOf($request) !== null;
        $row = fn(Staff $staff): array => ['id' => $staff->id, 'name' => $staff->name];

        return new Answer(['isOn' => $isOn, 'people' => $isOn ? QuickChange::people()->map($row)->values()->all() : []]);
    }

    public function store(Request $request, SessionController $session): Answer
    {
        $told = $request->validate(['staffId' => ['required', 'string', 'ulid'], 'pin' => ['required', 'string', 'max:20']]);
        $tablet = QuickChange::tabletOf($request) ?? abort(403, Words::of('sign_in.no_quick_change'));
        $staff = QuickChange::staff($tablet, $told['staffId'], $told['pin']);
        if ($staff === null) {
            throw ValidationException::withMessages(['pin' => [Words::of('sign_in.wrong_pin')]]);
        }
        // Whoever was here before goes; what they did not send yet waits on the device under their name.
        Auth::logout();
        SignIns::endHere($request->session());

        return $session->begin($request, $staff, Done::SignedIn, isByPin: true);
    }

    /** This tablet, by an owner who has it in hand. */
    public function tablet(Request $request): Response
    {
        $request->validate(['on' => ['required', 'boolean:strict']]);
        $isOn = $request->boolean('on');
        $isOn ? $this->tablets->open($request, $request->user()) : $this->tablets->close($request);
        HouseLog::note($isOn ? Done::TabletOpened : Done::TabletShut, $request->user());

        return response()->noContent();
    }

    /** One's own number; null: none any more. */
    public function pin(Request $request, StaffBook $book): Response
    {
        $told = $request->validate(['current' => ['required', 'string', 'max:200'], 'pin' => ['present', 'nullable', 'string', 'max:20']]);
        try {
            $book->ownPin($request->user(), $told['current'], $told['pin']);
        } catch (StaffNotKept $not) {
            throw ValidationException::withMessages([$not->problem->field() => [$not->getMessage()]]);
        }

        return response()->noContent();
    }
}
