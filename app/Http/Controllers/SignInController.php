<?php

namespace App\Http\Controllers;

use App\Http\Problem;
use App\Http\Throttle;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;

/** Sign-in for teachers. */
class SignInController
{
    public function signIn(Request $request): JsonResponse
    {
        $given = $request->validate(['email' => 'required|string|max:200', 'password' => 'required|string|max:200']);
        $tries = Throttle::wrongPasswords($request, $given['email']);
        $tries->refuseTooMany();
        $teacher = User::query()->where('email', mb_strtolower(trim($given['email'])))->first();
        // An unknown address takes as long as a known one.
        $isRight = Hash::check($given['password'], $teacher->password ?? self::nobodysPassword());
        if ($teacher === null || ! $isRight) {
            $tries->count();

            return Problem::of(422, 'The address or the password is not right. Try again.', '/password');
        }
        $tries->forget();
        self::begin($request, $teacher);

        return self::teacher($teacher);
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

    public static function begin(Request $request, User $teacher): void
    {
        $request->session()->invalidate();
        Auth::login($teacher);
        $request->session()->regenerate();
    }

    public static function teacher(User $user): JsonResponse
    {
        return new JsonResponse(['name' => $user->name, 'email' => $user->email]);
    }

    /** A hash of the same cost as every teacher's, of a password that nobody has. */
    private static function nobodysPassword(): string
    {
        static $hash;

        return $hash ??= password_hash(random_bytes(24), PASSWORD_BCRYPT, ['cost' => (int) config('hashing.bcrypt.rounds')]);
    }
}
