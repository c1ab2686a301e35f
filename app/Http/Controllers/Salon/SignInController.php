<?php

declare(strict_types=1);

namespace App\Http\Controllers\Salon;

use App\Http\Answer;
use App\Http\Resources\Iso;
use App\Models\SignIn;
use App\Salon\Done;
use App\Salon\HouseLog;
use App\Salon\SignIns;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** Where one is signed in; and, for owners, where everybody is. */
final class SignInController
{
    public function index(Request $request): Answer
    {
        $staff = $request->user();
        $here = SignIns::idOf($request->session());

        return new Answer(['signIns' => array_map(fn(SignIn $one): array => [
            'id' => $one->id,
            'staffId' => $one->staff_id,
            'browser' => $one->browser,
            'beganAt' => Iso::of($one->began_at),
            'seenAt' => Iso::of($one->seen_at),
            'isHere' => $one->id === $here,
        ], SignIns::open(Gate::allows('keep-house') ? null : $staff))]);
    }

    public function destroy(Request $request, SignIn $signIn): Response
    {
        $by = $request->user();
        abort_unless($signIn->staff_id === $by->id || Gate::allows('keep-house'), 404);
        SignIns::end($signIn, $by);
        HouseLog::note(Done::SignInEnded, $by, ['whose' => $signIn->staff->name, 'browser' => $signIn->browser]);

        return response()->noContent();
    }
}
