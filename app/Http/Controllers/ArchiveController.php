<?php

namespace App\Http\Controllers;

use App\Http\FileName;
use App\Lessons\LessonArchive;
use App\Models\Lesson;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Lessons out to a file and in again. */
class ArchiveController
{
    public function __construct(private readonly LessonArchive $archive)
    {
    }

    public function export(Lesson $lesson): BinaryFileResponse
    {
        return response()->download($this->archive->export($lesson), FileName::of($lesson->title, '.daybright.zip'))->deleteFileAfterSend();
    }

    public function import(Request $request): JsonResponse
    {
        $request->validate(['file' => 'required|file'], ['file.*' => 'Choose a lesson archive of at most 300 MB.']);
        $lesson = $this->archive->import($request->user(), $request->file('file')->getRealPath());

        return new JsonResponse(['id' => $lesson->id], 201);
    }
}
