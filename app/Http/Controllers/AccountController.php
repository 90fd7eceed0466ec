<?php

namespace App\Http\Controllers;

use App\Http\Problem;
use App\Teachers\PasswordLinks;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;

/** A teacher's own name and password. */
class AccountController
{
    private const PASSWORD = 'required|string|min:10|max:200';

    private const SENTENCES = ['password.min' => 'A password has at least ten signs. A few words in a row are easy to remember.', 'password.max' => 'A password has at most 200 signs.'];

    public function rename(Request $request): JsonResponse
    {
        $request->user()->update($request->validate(['name' => 'required|string|max:100']));

        return SignInController::teacher($request->user());
    }

    public function changePassword(Request $request): JsonResponse
    {
        $given = $request->validate(['current' => 'required|string|max:200', 'password' => self::PASSWORD], self::SENTENCES);
        if (! Hash::check($given['current'], $request->user()->password)) {
            return Problem::of(422, 'The password you have now is not right. Try again.', '/current');
        }
        $request->user()->update(['password' => $given['password']]);
        // This session goes on; every other one ends with the old password.
        Auth::login($request->user());

        return SignInController::teacher($request->user());
    }

    public function invited(PasswordLinks $links, string $token): JsonResponse
    {
        $teacher = $links->teacher($token);

        return $teacher === null ? self::spent() : SignInController::teacher($teacher);
    }

    public function setPassword(Request $request, PasswordLinks $links, string $token): JsonResponse
    {
        $given = $request->validate(['password' => self::PASSWORD], self::SENTENCES);
        $teacher = $links->use($token, $given['password']);
        if ($teacher === null) {
            return self::spent();
        }
        SignInController::begin($request, $teacher);

        return SignInController::teacher($teacher);
    }

    private static function spent(): JsonResponse
    {
        return Problem::of(404, 'This link was used before or is more than a week old. Ask whoever looks after the server for a new one.');
    }
}
