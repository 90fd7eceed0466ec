<?php

namespace App\Http\Controllers;

use App\Http\FileName;
use App\Lessons\HandoutFile;
use App\Models\Lesson;
use Daybright\Handout\Handout;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The printed pages of a lesson, to look at and to take away. */
class HandoutController
{
    public function __construct(private readonly HandoutFile $handout)
    {
    }

    public function show(Lesson $lesson): JsonResponse
    {
        $read = $lesson->read();

        return new JsonResponse(['pages' => $this->handout->pages($read), 'troubles' => Handout::troubles($read) ?: new \stdClass]);
    }

    public function pdf(Request $request, Lesson $lesson): BinaryFileResponse
    {
        $answers = $request->boolean('answers');
        $pages = $this->handout->pages($lesson->read(), $answers);
        if ($pages === []) {
            throw new DomainException('This lesson has no handout yet. Put a practice set on it in the Storyboard.');
        }

        return self::send(HandoutFile::pdf($pages), $lesson->read()->title.($answers ? ' answers' : ''))->deleteFileAfterSend();
    }

    public static function send(string $path, string $title): BinaryFileResponse
    {
        return response()->download($path, FileName::of($title, '.pdf'), ['Content-Type' => 'application/pdf']);
    }
}
