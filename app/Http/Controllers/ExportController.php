<?php

namespace App\Http\Controllers;

use App\Adapters\Files;
use App\Http\FileName;
use App\Jobs\MakeVideo;
use App\Models\Export;
use App\Models\Release;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Video files: begun, watched, stopped, taken away. */
class ExportController
{
    public function create(Release $release): JsonResponse
    {
        if ($release->state !== 'ready') {
            throw new DomainException('This version is still being put together. Try again in a moment.');
        }
        $running = DB::transaction(static function () use ($release): Export {
            $running = Export::query()->where('release_id', $release->id)->whereIn('state', ['waiting', 'making'])->first();
            if ($running === null) {
                $running = Export::query()->create(['release_id' => $release->id, 'state' => 'waiting']);
                MakeVideo::dispatch($running->id);
            }

            return $running;
        });

        return new JsonResponse(self::shown($running), 201);
    }

    public function show(Export $export): JsonResponse
    {
        return new JsonResponse(self::shown($export));
    }

    public function cancel(Export $export): JsonResponse
    {
        Export::query()->whereKey($export->id)->whereIn('state', ['waiting', 'making'])->update(['state' => 'cancelled']);

        return new JsonResponse(self::shown($export->fresh()));
    }

    public function download(Export $export, string $file): BinaryFileResponse
    {
        abort_unless($export->state === 'ready', 404);

        return response()->download(Files::found($export->path($file)), FileName::of($export->release->document->title(), $file === 'lesson.mp4' ? '.mp4' : '.vtt'));
    }

    /** @return array<string, mixed>|null */
    public static function shown(?Export $export): ?array
    {
        return $export === null ? null : ['id' => $export->id, 'release' => $export->release_id, 'state' => $export->state, 'progress' => $export->progress ?? 0, 'bytes' => $export->bytes ?? 0, 'trouble' => $export->trouble];
    }
}
