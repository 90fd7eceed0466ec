<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\Formats;
use App\Formats\WriterChoice;
use App\Http\Requests\ShareRequest;
use App\Http\Resources\ExportResource;
use App\Http\Resources\ReleaseResource;
use App\Http\Resources\ShareResource;
use App\Lessons\ReleaseStore;
use App\Lessons\VersionChanges;
use App\Models\Export;
use App\Models\Lesson;
use App\Models\Release;
use App\Models\Share;
use App\Models\User;
use App\Recording\SoughtWords;
use Daybright\Lesson\Part;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** Giving a lesson to classes, and what can be taken away. */
class ShareController
{
    public function show(Lesson $lesson, ReleaseStore $store, #[CurrentUser] User $teacher): JsonResponse
    {
        // Captions of the next version follow the words as the script has them now.
        SoughtWords::seek($lesson, $lesson->read());
        $releases = $lesson->releases;
        $release = $releases->last();
        $ready = $lesson->newestRelease();

        return new JsonResponse([
            'releases' => ReleaseResource::collection($releases->reverse()->values()),
            'changedSince' => $release !== null && $store->hasChangedSince($lesson, $release),
            'changes' => $ready === null ? null : VersionChanges::since($ready, $lesson),
            'classrooms' => $teacher->classrooms()->orderBy('name')->get(['id', 'name', 'code']),
            'shares' => ShareResource::collection($lesson->shares()->with('classroom')->get()),
            'parts' => array_values(array_unique(array_map(static fn (Part $part): string => $part->kind->value, $lesson->read()->parts))),
            'files' => $this->files($lesson, $ready),
            'sizes' => $ready === null
                ? null
                : [
                    'sound' => $ready->soundBytes(),
                    'data' => strlen(json_encode($ready->programme, JSON_THROW_ON_ERROR)),
                ],
        ]);
    }

    public function release(Lesson $lesson, ReleaseStore $store): JsonResponse
    {
        return ReleaseResource::make($store->begin($lesson))->response()->setStatusCode(201);
    }

    public function share(ShareRequest $request, Lesson $lesson, #[CurrentUser] User $teacher): JsonResponse
    {
        $given = $request->validated();
        $classroom = $teacher->classrooms()->whereKey($given['classroom'])->firstOrFail();
        $ready = $lesson->newestRelease();
        $share = $lesson->shares()->updateOrCreate(
            ['classroom_id' => $classroom->id],
            [
                'instructions' => $given['instructions'] ?? '',
                'due' => $given['due'] ?? null,
                'release_id' => $ready?->id,
                ...$request->allowances(),
            ],
        );

        return new JsonResponse(['id' => $share->id]);
    }

    /** The class no longer has the lesson, and its answers go. */
    public function takeBack(Lesson $lesson, Share $share): JsonResponse
    {
        $share->delete();

        return new JsonResponse(null, 204);
    }

    /** @return list<array<string, mixed>> what can be taken away, in every format that there is a writer for */
    private function files(Lesson $lesson, ?Release $ready): array
    {
        return array_map(static function (string $class) use ($lesson, $ready): array {
            $writer = app($class);
            $exports = $writer::format()->takesLong && $ready !== null
                ? Export::query()->where('release_id', $ready->id)->where('format', $writer::format()->name)->latest()->get()
                : collect();

            return [
                'format' => $writer::format()->name,
                'label' => $writer::format()->label,
                'about' => $writer::format()->about,
                'purpose' => $writer::format()->purpose,
                'takesLong' => $writer::format()->takesLong,
                'obstacle' => $writer->obstacle($lesson),
                'bytes' => $writer->size($lesson),
                'choices' => array_map(static fn (WriterChoice $choice): array => [
                    'name' => $choice->name,
                    'label' => $choice->label,
                    'options' => array_map(
                        static fn (string $value, string $label): array => ['value' => $value, 'label' => $label],
                        array_keys($choice->options),
                        $choice->options,
                    ),
                ], $writer::format()->choices),
                'exports' => ExportResource::collection($exports->unique(
                    static fn (Export $export): string => implode(' ', $export->chosen()),
                )->values()),
            ];
        }, Formats::WRITERS);
    }
}
