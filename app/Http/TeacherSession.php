<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** The session of a teacher who is signed in. */
final class TeacherSession
{
    public static function begin(Request $request, User $teacher): void
    {
        $request->session()->invalidate();
        Auth::login($teacher);
        $request->session()->regenerate();
    }
}
