<?php

declare(strict_types=1);

namespace App\Http\Controllers\Salon;

use App\Http\Middleware\AskPasswordAgain;
use App\Http\SignInGuard;
use App\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** The password of whoever is signed in, once more. */
final class PasswordAgainController
{
    /** It was given a moment ago; the middleware answers where it was not. */
    public function show(): Response
    {
        return response()->noContent();
    }

    public function store(Request $request): Response
    {
        $told = $request->validate(['password' => ['required', 'string', 'max:200']]);
        if (SignInGuard::for($request, $request->user()->name)->staff($told['password']) === null) {
            throw ValidationException::withMessages(['password' => [Words::of('staff.wrong_password')]]);
        }
        AskPasswordAgain::given($request->session());

        return response()->noContent();
    }
}
