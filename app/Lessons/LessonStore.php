<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\Export;
use App\Models\Lesson;
use App\Models\Release;
use App\Models\Revision;
use App\Models\Take;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** Saves, undoes and redoes. Every save is a revision; a save against an old version is refused, and both are kept. */
final class LessonStore
{
    /** How far back a teacher can undo. */
    public const REVISIONS_KEPT = 400;

    /** @param  LessonDocument  $document checked by the caller */
    public function create(Lesson $lesson, LessonDocument $document): Lesson
    {
        return DB::transaction(function () use ($lesson, $document): Lesson {
            $lesson->title = $document->title();
            $lesson->outline = LessonOutline::outline($document->read());
            $lesson->save();
            $lesson->revisions()->create(['number' => 1, 'document' => $document]);

            return $lesson;
        });
    }

    /**
     * @param  LessonDocument  $document checked by the caller
     *
     * @throws StaleSave
     */
    public function save(Lesson $lesson, LessonDocument $document, int $version): Lesson
    {
        $stale = false;
        $saved = DB::transaction(function () use ($lesson, $document, $version, &$stale): Lesson {
            $current = Lesson::query()->lockForUpdate()->findOrFail($lesson->id);
            if ($current->version !== $version) {
                $current->revisions()->create(['number' => $current->revision, 'document' => $document, 'set_aside' => true]);
                $stale = true;

                return $current;
            }
            // A save after an undo starts a new line: what was undone cannot be redone.
            $current->revisions()->where('set_aside', false)->where('number', '>', $current->revision)->delete();
            $current->revisions()->create(['number' => $current->revision + 1, 'document' => $document]);
            if ($current->revision >= self::REVISIONS_KEPT) {
                $current->revisions()->where('number', '<=', $current->revision + 1 - self::REVISIONS_KEPT)->delete();
            }
            $current->update([
                'revision' => $current->revision + 1,
                'version' => $version + 1,
                'title' => $document->title(),
                'outline' => LessonOutline::outline($document->read()),
            ]);

            return $current;
        });
        if ($stale) {
            throw StaleSave::against($saved);
        }

        return $saved;
    }

    /**
     * @param  int  $by -1 to undo, 1 to redo
     *
     * @throws StaleSave
     */
    public function move(Lesson $lesson, int $by, int $version): Lesson
    {
        return DB::transaction(function () use ($lesson, $by, $version): Lesson {
            $current = Lesson::query()->lockForUpdate()->findOrFail($lesson->id);
            if ($current->version !== $version) {
                throw StaleSave::against($current);
            }
            $target = $current->revisions()->where('set_aside', false)->where('number', $current->revision + $by)->first();
            if ($target !== null) {
                $current->update([
                    'revision' => $target->number,
                    'version' => $version + 1,
                    'title' => $target->document->title(),
                    'outline' => LessonOutline::outline($target->document->read()),
                ]);
            }

            return $current;
        });
    }

    /**
     * A version that was kept beside becomes the newest revision; the one before it is one undo away.
     *
     * @throws StaleSave
     */
    public function takeUp(Lesson $lesson, Revision $kept, int $version): Lesson
    {
        return DB::transaction(function () use ($lesson, $kept, $version): Lesson {
            $saved = $this->save($lesson, $kept->document, $version);
            $kept->delete();

            return $saved;
        });
    }

    /** Everything that hangs on it goes too: recordings, versions, videos, shares, and the replies to them. */
    public function delete(Lesson $lesson): void
    {
        $releases = $lesson->releases()->with('exports')->get();
        $folders = [
            ...$lesson->takes()->get()->map(static fn (Take $take): string => $take->path('')),
            ...$releases->flatMap(static fn (Release $release): array => [
                "releases/{$release->id}",
                ...$release->exports->map(static fn (Export $export): string => $export->path('')),
            ]),
        ];
        $lesson->delete();
        array_map(Storage::deleteDirectory(...), $folders);
        $parts = array_merge(...$releases->map(static fn (Release $release): array => array_values($release->parts ?? []))->all());
        ReleaseParts::forgetUnused(array_values(array_unique($parts)));
        ReleaseParts::forget($lesson->id);
    }
}
