<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Adapters\Files;
use App\Formats\Formats;
use App\Http\FileName;
use App\Http\Requests\ExportRequest;
use App\Http\Resources\ExportResource;
use App\Jobs\MakeExport;
use App\Models\Export;
use App\Models\ExportState;
use App\Models\Lesson;
use App\Models\Release;
use App\Models\ReleaseState;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Files to take away: those that take long are begun, watched, stopped and fetched; others are written while one waits. */
final class ExportController
{
    public function create(ExportRequest $request, Release $release): JsonResponse
    {
        $format = (string) ($request->validated()['format'] ?? 'mp4');
        if (Formats::writer($format)?->format()->takesLong !== true) {
            throw new DomainException('This file is written while you wait. Load the page again.');
        }
        if ($release->state !== ReleaseState::Ready) {
            throw new DomainException('This version is still being put together. Try again in a moment.');
        }
        $running = DB::transaction(static function () use ($release, $format): Export {
            $running = Export::query()->where('release_id', $release->id)
                ->where('format', $format)
                ->whereIn('state', ExportState::ON_THE_WAY)
                ->first();
            if ($running === null) {
                $running = Export::query()->create(['release_id' => $release->id, 'format' => $format, 'state' => ExportState::Waiting]);
                MakeExport::dispatch($running->id);
            }

            return $running;
        });

        return ExportResource::make($running)->response()->setStatusCode(201);
    }

    public function show(Export $export): ExportResource
    {
        return ExportResource::make($export);
    }

    public function cancel(Export $export): ExportResource
    {
        Export::query()->whereKey($export->id)->whereIn('state', ExportState::ON_THE_WAY)->update(['state' => ExportState::Cancelled]);

        return ExportResource::make($export->refresh());
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

    /** A file that is written while one waits. */
    public function write(Lesson $lesson, string $format): BinaryFileResponse
    {
        $writer = Formats::writer($format);
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
