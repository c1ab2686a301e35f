<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignInRequest;
use App\Models\Staff;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final class SessionController
{
    public function show(Request $request): JsonResponse
    {
        return $this->session($request->user());
    }

    public function store(SignInRequest $request): JsonResponse
    {
        $known = ['name' => $request->string('name')->trim()->toString(), 'password' => $request->string('password')->toString(), 'active' => true];
        if (! Auth::attempt($known)) {
            throw ValidationException::withMessages(['name' => [__('sign_in.wrong')]]);
        }
        $request->session()->regenerate();

        return $this->session($request->user());
    }

    public function destroy(Request $request): Response
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }

    private function session(?Staff $staff): JsonResponse
    {
        return new JsonResponse([
            'staff' => $staff === null ? null : ['id' => $staff->id, 'name' => $staff->name, 'role' => $staff->role->value],
            'salon' => ['name' => config('salon.name'), 'timezone' => config('salon.timezone'), 'currency' => config('salon.currency')],
        ]);
    }
}
