<?php

declare(strict_types=1);

namespace App\Formats\Epub;

use App\Adapters\Files;
use App\Adapters\WrittenZip;
use App\Formats\FilePurpose;
use App\Formats\SharedVersionWriter;
use App\Formats\WrittenFormat;
use App\Lessons\SlideDrawing;
use App\Models\Release;
use Closure;
use Daybright\Format\Epub\Book;

/** The newest shared version as a book to read, with the narration heard line by line. */
final class EpubWriter extends SharedVersionWriter
{
    public function __construct(private readonly SlideDrawing $drawing)
    {
    }

    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'epub',
            label: 'Book to read and hear (EPUB)',
            about: 'Pictures and what is said, marked line by line while it is heard; answers at the end',
            purpose: FilePurpose::Watch,
            mediaType: Book::MEDIA_TYPE,
            ending: '.epub',
        );
    }

    protected function writeRelease(Release $release, Closure $progress): string
    {
        return Files::tidily(function () use ($release, $progress): string {
            $modified = $release->updated_at?->utc()->format('Y-m-d\TH:i:s\Z') ?? '';
            $book = new Book($release->frozen(), $release->read(), $release->stages(), $release->id, $modified);
            $sounds = [];
            foreach (array_keys($release->stages()) as $stage) {
                $sounds[Book::sound($stage)] = Files::local($release->soundPath($stage, 'm4a'));
            }

            // What tells the kind of file stands first and uncompressed (EPUB Open Container Format 3.2, section 4.3).
            return WrittenZip::of($book->files(), $sounds + $this->pictures($release, $progress), 'mimetype', 'epub');
        });
    }

    /**
     * @param  Closure(float): void  $progress
     * @return array<string, string> paths by name
     */
    private function pictures(Release $release, Closure $progress): array
    {
        $lesson = $release->read();
        $chapters = $release->frozen()->chapters;
        $pictures = [];
        foreach ($chapters as $number => $chapter) {
            $slide = $lesson->slide($chapter->slide);
            if ($slide !== null) {
                $pictures[Book::picture($number)] = $this->drawing->file($lesson, $slide, 'png');
            }
            $progress(($number + 1) / count($chapters));
        }

        return $pictures;
    }
}
