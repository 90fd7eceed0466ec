<?php

namespace App\Http\Controllers;

use App\Http\FileName;
use App\Lessons\HandoutFile;
use App\Models\Lesson;
use Daybright\Handout\Handout;
use Illuminate\Http\JsonResponse;
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

    public static function send(string $path, string $title): BinaryFileResponse
    {
        return response()->download($path, FileName::of($title, '.pdf'), ['Content-Type' => 'application/pdf']);
    }
}
