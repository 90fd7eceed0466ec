<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Refused;
use App\Http\Requests\ChangePasswordRequest;
use App\Http\Requests\NameRequest;
use App\Http\Requests\NewPasswordRequest;
use App\Http\Resources\TeacherResource;
use App\Http\TeacherSession;
use App\Teachers\PasswordLinks;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;

/** A teacher's own name and password. */
class AccountController
{
    public function rename(NameRequest $request): TeacherResource
    {
        $request->user()->update($request->validated());

        return TeacherResource::make($request->user());
    }

    public function changePassword(ChangePasswordRequest $request): TeacherResource
    {
        $given = $request->validated();
        if (! Hash::check($given['current'], $request->user()->password)) {
            throw Refused::at('/current', 'The password you have now is not right. Try again.');
        }
        $request->user()->update(['password' => $given['password']]);
        // This session goes on; every other one ends with the old password.
        Auth::login($request->user());

        return TeacherResource::make($request->user());
    }

    public function invited(PasswordLinks $links, string $token): TeacherResource
    {
        $teacher = $links->teacher($token);

        return TeacherResource::make($teacher ?? throw self::spent());
    }

    public function setPassword(NewPasswordRequest $request, PasswordLinks $links, string $token): TeacherResource
    {
        $given = $request->validated();
        $teacher = $links->use($token, $given['password']);
        if ($teacher === null) {
            throw self::spent();
        }
        TeacherSession::begin($request, $teacher);

        return TeacherResource::make($teacher);
    }

    private static function spent(): Refused
    {
        return Refused::notFound('This link was used before or is more than a week old. Ask whoever looks after the server for a new one.');
    }
}
