<?php

declare(strict_types=1);

namespace App\Watching;

use App\Models\Student;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;

/** Who of the class sits at this page. */
final class StudentSession
{
    private const NAME = 'student';

    private const KEY = 'student key';

    public static function begin(Request $request, Student $student): void
    {
        $request->session()->regenerate();
        $request->session()->put([self::NAME => $student->id, self::KEY => $student->session_key]);
    }

    /** Nobody, once the child's word was cleared, the class got a new code, or the child was taken out. */
    public static function student(Request $request): ?Student
    {
        $session = $request->session();
        $student = Student::query()->with('classroom')->whereKey($session->get(self::NAME))->first();

        return $student !== null && hash_equals($student->session_key, (string) $session->get(self::KEY)) ? $student : null;
    }

    public static function end(Session $session): void
    {
        $session->forget([self::NAME, self::KEY]);
    }
}
