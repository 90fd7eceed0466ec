<?php

declare(strict_types=1);

namespace App\Formats\Epub;

use App\Adapters\Files;
use App\Formats\FilePurpose;
use App\Formats\SharedVersionWriter;
use App\Formats\WrittenFormat;
use App\Lessons\SlideDrawing;
use App\Models\Release;
use Closure;
use Daybright\Format\Epub\Book;
use DomainException;
use ZipArchive;

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
            $path = Files::temporary('epub');
            $zip = new ZipArchive;
            $zip->open($path, ZipArchive::CREATE | ZipArchive::EXCL);
            $modified = $release->updated_at?->utc()->format('Y-m-d\TH:i:s\Z') ?? '';
            $book = new Book($release->frozen(), $release->read(), $release->stages(), $release->id, $modified);
            foreach ($book->files() as $name => $content) {
                $zip->addFromString($name, $content);
            }
            // What tells the kind of file stands first and uncompressed (EPUB Open Container Format 3.2, section 4.3).
            $zip->setCompressionName('mimetype', ZipArchive::CM_STORE);
            foreach (array_keys($release->stages()) as $stage) {
                $zip->addFile(Files::local($release->soundPath($stage, 'm4a')), Book::sound($stage));
            }
            $this->draw($release, $zip, $progress);
            if (! $zip->close()) {
                throw new DomainException('The book could not be written. Check that the disk has room.');
            }

            return $path;
        });
    }

    /** @param  Closure(float): void  $progress */
    private function draw(Release $release, ZipArchive $zip, Closure $progress): void
    {
        $lesson = $release->read();
        $chapters = $release->frozen()->chapters;
        foreach ($chapters as $number => $chapter) {
            $slide = $lesson->slide($chapter->slide);
            if ($slide !== null) {
                $zip->addFile($this->drawing->file($lesson, $slide, 'png'), Book::picture($number));
            }
            $progress(($number + 1) / count($chapters));
        }
    }
}
