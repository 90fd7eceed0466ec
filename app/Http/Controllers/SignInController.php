<?php

namespace App\Http\Controllers;

use App\Http\Problem;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Sign-in for teachers. */
class SignInController
{
    public function signIn(Request $request): JsonResponse
    {
        $given = $request->validate(['email' => 'required|string|max:200', 'password' => 'required|string|max:200']);
        if (! Auth::attempt($given, true)) {
            return Problem::of(422, 'The address or the password is not right. Try again.', '/password');
        }
        $request->session()->regenerate();

        return self::teacher($request->user());
    }

    public function me(Request $request): JsonResponse
    {
        return $request->user() === null ? Problem::of(401, 'Sign in first.') : self::teacher($request->user());
    }

    public function signOut(Request $request): JsonResponse
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(null, 204);
    }

    private static function teacher(User $user): JsonResponse
    {
        return new JsonResponse(['name' => $user->name, 'email' => $user->email]);
    }
}
