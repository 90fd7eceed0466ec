<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Adapters\Files;
use App\Formats\ExportStore;
use App\Formats\Formats;
use App\Http\FileName;
use App\Http\Requests\ExportRequest;
use App\Http\Resources\ExportResource;
use App\Lessons\SlideDrawing;
use App\Models\Export;
use App\Models\ExportState;
use App\Models\Lesson;
use App\Models\Release;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Files to take away: those that take long are begun, watched, stopped and fetched; others are written while one waits. */
final class ExportController
{
    public function create(ExportRequest $request, Release $release, ExportStore $exports): JsonResponse
    {
        $export = $exports->begin($release, $request->wanted(), $request->choices());

        return ExportResource::make($export)->response()->setStatusCode(201);
    }

    public function show(Export $export): ExportResource
    {
        return ExportResource::make($export);
    }

    public function cancel(Export $export, ExportStore $exports): ExportResource
    {
        return ExportResource::make($exports->cancel($export));
    }

    public function download(Export $export): BinaryFileResponse
    {
        $writer = Formats::writer($export->format);
        abort_if($export->state !== ExportState::Ready || $writer === null, 404);

        return response()->download(
            Files::found($export->path('file'.$writer::format()->ending)),
            FileName::forDownload($export->release->document->title(), $writer::format()->ending),
            ['Content-Type' => $writer::format()->mediaType],
        );
    }

    /** One slide as a picture. */
    public function slide(Lesson $lesson, string $slide, string $picture, SlideDrawing $drawing): BinaryFileResponse
    {
        $read = $lesson->read();
        $found = $read->slide($slide) ?? abort(404);

        return response()->download(
            Files::tidily(static fn (): string => $drawing->file($read, $found, $picture)),
            FileName::forDownload($found->title === '' ? $lesson->title : $found->title, '.'.$picture),
            ['Content-Type' => $picture === 'svg' ? 'image/svg+xml' : 'image/png'],
        )->deleteFileAfterSend();
    }

    /** A file that is written while one waits. */
    public function write(Request $request, Lesson $lesson, string $format): BinaryFileResponse
    {
        $writer = Formats::writer($format, array_filter((array) $request->query('choose'), is_string(...)));
        abort_if($writer === null || $writer::format()->takesLong, 404);
        $obstacle = $writer->obstacle($lesson);
        if ($obstacle !== null) {
            throw new DomainException($obstacle);
        }
        $file = $writer->write($lesson, static function (): void {
        });

        return response()->download(
            $file,
            FileName::forDownload($lesson->title, $writer::format()->ending),
            ['Content-Type' => $writer::format()->mediaType],
        )->deleteFileAfterSend();
    }
}
