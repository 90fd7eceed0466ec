<?php

declare(strict_types=1);

namespace App\Formats\Slides;

use App\Adapters\Files;
use App\Formats\FilePurpose;
use App\Formats\WrittenFormat;
use App\Lessons\SlideDrawing;
use App\Models\Lesson;
use Closure;
use Daybright\Format\Presentation\EditableSlide;
use Daybright\Format\Presentation\PresentationParts;
use DomainException;
use ZipArchive;

/** Slides that a colleague can go on with: each a picture, its texts in boxes over it, what is said in its notes. */
final class PresentationWriter extends DrawnSlidesWriter
{
    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'pptx',
            label: 'Slides to edit (PPTX)',
            about: 'For a colleague: texts can be changed, the script stands in the notes',
            purpose: FilePurpose::PassOn,
            mediaType: 'application/vnd.openxmlformats-officedocument.presentationml.presentation',
            ending: '.pptx',
        );
    }

    public function write(Lesson $lesson, Closure $progress): string
    {
        return Files::tidily(fn (): string => $this->written($lesson, $progress));
    }

    /** @param  Closure(float): void  $progress */
    private function written(Lesson $lesson, Closure $progress): string
    {
        $read = $lesson->read();
        $path = Files::temporary('pptx');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE | ZipArchive::EXCL);
        $slides = [];
        $all = SlideDrawing::slides($read);
        foreach ($all as $index => $slide) {
            $slides[] = $editable = EditableSlide::part($read, $slide, $this->drawing->scene($read, $slide));
            $name = PresentationParts::picture($index + 1);
            $zip->addFile(SlideDrawing::png(SlideDrawing::svg($read, $editable->picture)), $name);
            $zip->setCompressionName($name, ZipArchive::CM_STORE);
            $progress(($index + 1) / count($all));
        }
        if ($slides === []) {
            throw new DomainException(self::NO_SLIDES);
        }
        foreach (PresentationParts::write($read->title, $slides, now()->toIso8601ZuluString()) as $name => $bytes) {
            $zip->addFromString($name, $bytes);
        }
        $zip->close();

        return $path;
    }
}
