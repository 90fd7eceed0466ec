<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Refused;
use App\Models\Share;
use App\Watching\Kept\Keeping;
use App\Watching\Kept\KeptFile;
use App\Watching\Kept\KeptFiles;
use App\Watching\Kept\KeptLesson;
use App\Watching\Kept\Seal;
use App\Watching\StudentVisit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A lesson kept on a student's device, to be watched and done with no connection. */
class KeptLessonController
{
    public function __construct(private readonly StudentVisit $visits)
    {
    }

    public function show(Request $request, Share $share, KeptLesson $lesson): JsonResponse
    {
        self::allow($share);
        $visit = $this->visits->open($share, $request->attributes->get('student'));

        return new JsonResponse($lesson->describe($visit, $request->query('sound') === 'm4a' ? 'm4a' : 'webm'));
    }

    public function file(Request $request, Share $share, string $reference): StreamedResponse
    {
        self::allow($share);
        $visit = $this->visits->open($share, $request->attributes->get('student'));
        $release = $share->version();
        $seal = Seal::of($visit, $release);
        $address = KeptFile::address($seal, $reference) ?? throw Refused::notFound(
            'A new version of this lesson was shared meanwhile. Keep it again.',
        );
        $file = (new KeptFiles($visit, $release))->at($address) ?? abort(404);

        return new StreamedResponse(static fn () => $seal->sendFile($file->path), 200, [
            'Content-Type' => 'application/octet-stream',
            'Content-Length' => (string) Seal::size((int) filesize($file->path)),
            'Cache-Control' => 'private, no-store',
        ]);
    }

    private static function allow(Share $share): void
    {
        if ($share->keeping === Keeping::No) {
            throw Refused::notFound('Your teacher has not allowed this lesson to be kept on a device.');
        }
    }
}
