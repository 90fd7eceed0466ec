<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Refused;
use App\Models\Share;
use App\Watching\StudentSession;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets a student through to the lessons that were shared with their own class, and to nothing else. */
class StudentOnly
{
    public function handle(Request $request, Closure $next): Response
    {
        $student = StudentSession::student($request);
        if ($student === null) {
            throw Refused::notSignedIn('Give your class code and choose your name first.');
        }
        // What was done with no connection is sent for the one who did it, whoever sits there now.
        if ($request->hasHeader('X-Student') && $request->header('X-Student') !== $student->id) {
            throw Refused::notSignedIn('Somebody else has gone in on this device. Go in with your own name to send what you did.');
        }
        $share = $request->route('share');
        $share = $share instanceof Share ? $share : Share::query()->whereKey($share)->first();
        if ($share === null || $share->classroom_id !== $student->classroom_id) {
            throw Refused::notFound('This lesson is not one of your class. Check the link with your teacher.');
        }
        $request->attributes->set('student', $student);

        return $next($request);
    }
}
