<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Refused;
use App\Http\Requests\ChangePasswordRequest;
use App\Http\Requests\NameRequest;
use App\Http\Requests\NewPasswordRequest;
use App\Http\Resources\TeacherResource;
use App\Http\TeacherSession;
use App\Models\User;
use App\Teachers\PasswordLinks;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;

/** A teacher's own name and password. */
class AccountController
{
    public function rename(NameRequest $request, #[CurrentUser] User $teacher): TeacherResource
    {
        $teacher->update($request->validated());

        return TeacherResource::make($teacher);
    }

    public function changePassword(ChangePasswordRequest $request, #[CurrentUser] User $teacher): TeacherResource
    {
        $given = $request->validated();
        if (! Hash::check($given['current'], $teacher->password)) {
            throw Refused::at('/current', 'The password you have now is not right. Try again.');
        }
        $teacher->update(['password' => $given['password']]);
        // This session goes on; every other one ends with the old password.
        Auth::login($teacher);

        return TeacherResource::make($teacher);
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
