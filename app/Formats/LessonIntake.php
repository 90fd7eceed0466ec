<?php

declare(strict_types=1);

namespace App\Formats;

use App\Adapters\Files;
use App\Formats\BroughtSlides\SlidesReader;
use App\Formats\Pdf\PdfPages;
use App\Lessons\LessonStore;
use App\Media\MediaStore;
use App\Models\Lesson;
use App\Models\Take;
use App\Models\TakeState;
use App\Models\User;
use DomainException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Throwable;

/** Takes lessons in from files of every format that there is a reader for. */
final class LessonIntake
{
    public function __construct(private readonly LessonStore $store, private readonly MediaStore $media)
    {
    }

    /**
     * @param  string  $name of the file as it was chosen
     * @param  string|null  $pages path of a PDF of the same slides
     *
     * @throws DomainException when the file cannot be read, and nothing is kept
     */
    public function bringIn(User $teacher, string $path, string $name, ?string $pages = null): BroughtIn
    {
        return Files::tidily(function () use ($teacher, $path, $name, $pages): BroughtIn {
            foreach (Formats::READERS as $class) {
                $reader = app($class);
                if ($reader->recognises($path)) {
                    $reader = $pages === null ? $reader : self::shownBy($reader, $pages);
                    $imported = $reader->read($teacher, $path, $name);

                    return new BroughtIn($this->keep($teacher, $imported), $imported->findings, count($imported->choices));
                }
            }
            throw new DomainException(
                'This file is not a whole lesson archive, nor another file that a lesson can be made from. It may have been cut short on its way: fetch it again.',
            );
        });
    }

    private static function shownBy(LessonReader $reader, string $pages): ShownByPages
    {
        if (! $reader instanceof ShownByPages || ! PdfPages::recognises($pages)) {
            throw new DomainException('Beside slides (PPTX or ODP) their PDF can be given, and nothing else. Bring other files in one by one.');
        }

        return $reader->withPages(PdfPages::open($pages, SlidesReader::MOST_SLIDES));
    }

    private function keep(User $teacher, ImportedLesson $imported): Lesson
    {
        $kept = [];
        try {
            return DB::transaction(function () use ($teacher, $imported, &$kept): Lesson {
                foreach ($imported->media as $file) {
                    $this->media->keep($teacher, $file);
                }
                $lesson = $this->store->create(new Lesson(['user_id' => $teacher->id]), $imported->document);
                foreach ($imported->choices as $choice) {
                    $lesson->broughtSlides()->create($choice->fields());
                }
                $now = now();
                foreach ($imported->takes as $order => $each) {
                    $take = new Take([
                        'lesson_id' => $lesson->id,
                        'state' => TakeState::Ready,
                        'created_at' => $now->copy()->addMicroseconds($order),
                        ...$each['fields'],
                    ]);
                    $take->id = $take->newUniqueId();
                    Files::keep($each['sound'], $take->path('sound.flac'));
                    $kept[] = "takes/{$take->id}";
                    $take->save();
                }

                return $lesson;
            });
        } catch (Throwable $error) {
            array_map(Storage::deleteDirectory(...), $kept);
            throw $error;
        }
    }
}
