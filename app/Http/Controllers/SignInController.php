<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Refused;
use App\Http\Requests\SignInRequest;
use App\Http\Resources\TeacherResource;
use App\Http\TeacherSession;
use App\Http\Throttle;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;

/** Sign-in for teachers. */
class SignInController
{
    public function signIn(SignInRequest $request): TeacherResource
    {
        $given = $request->validated();
        $tries = Throttle::wrongPasswords($request, $given['email']);
        $tries->refuseTooMany();
        $teacher = User::query()->where('email', mb_strtolower(trim($given['email'])))->first();
        // An unknown address takes as long as a known one.
        $isRight = Hash::check($given['password'], $teacher->password ?? self::nobodysPassword());
        if ($teacher === null || ! $isRight) {
            $tries->count();

            throw Refused::at('/password', 'The address or the password is not right. Try again.');
        }
        $tries->forget();
        TeacherSession::begin($request, $teacher);

        return TeacherResource::make($teacher);
    }

    public function me(Request $request): TeacherResource
    {
        return TeacherResource::make($request->user() ?? throw Refused::notSignedIn('Sign in first.'));
    }

    public function signOut(Request $request): JsonResponse
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(null, 204);
    }

    /** A hash of the same cost as every teacher's, of a password that nobody has. */
    private static function nobodysPassword(): string
    {
        static $hashes = [];
        $cost = (int) config('hashing.bcrypt.rounds');

        return $hashes[$cost] ??= password_hash(bin2hex(random_bytes(24)), PASSWORD_BCRYPT, ['cost' => $cost]);
    }
}
