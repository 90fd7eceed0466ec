<?php

declare(strict_types=1);

namespace App\Console;

use App\Formats\Formats;
use App\Jobs\MakeRelease;
use App\Lessons\ReleaseStore;
use App\Lessons\SlideDrawing;
use App\Models\Lesson;
use DomainException;

/** A lesson out to a file of any format. What is made of a shared version shares one where there is none. */
class ExportLesson extends LessonCommand
{
    protected $signature = 'lesson:export {lesson : id or title}
        {--as= : pptx, slides, steps, mp4, captions, transcript, handout, answers, epub, package, scorm, cartridge, qti, archive; png or svg of a slide}
        {--to= : the file to write}
        {--choose=* : what a video is wanted like, such as shape=1080p, captions=burnt or waits=without}
        {--slide=1 : number of the slide, from 1}';

    protected $description = 'Write a lesson to a file';

    public function handle(ReleaseStore $releases, SlideDrawing $drawing): int
    {
        $format = (string) $this->option('as');
        if (in_array($format, SlideDrawing::KINDS, true)) {
            return $this->slide($drawing, $format);
        }
        $writer = Formats::writer($format, $this->choices()) ?? throw new DomainException(
            "Lessons are not written as “{$format}”. Choose one of: ".str_replace('|', ', ', Formats::writerNames()).', png, svg.',
        );
        $to = $this->target('lesson'.str_replace(' ', '-', $writer::format()->ending));
        $lesson = $this->lesson((string) $this->argument('lesson'));
        if ($writer->obstacle($lesson) !== null && $lesson->newestRelease() === null && $lesson->takes()->exists()) {
            $this->share($lesson, $releases);
        }
        $obstacle = $writer->obstacle($lesson);
        if ($obstacle !== null) {
            throw new DomainException($obstacle);
        }
        $bar = $this->output->createProgressBar(100);
        $made = $writer->write($lesson, static fn (float $share) => $bar->setProgress((int) round($share * 100)));
        $bar->finish();
        $this->newLine();
        rename($made, $to);
        $this->line($to);

        return self::SUCCESS;
    }

    /** @return array<string, string> values by the name of the choice */
    private function choices(): array
    {
        $choices = [];
        foreach ((array) $this->option('choose') as $each) {
            [$name, $value] = [...explode('=', (string) $each, 2), ''];
            $choices[$name] = $value;
        }

        return $choices;
    }

    private function slide(SlideDrawing $drawing, string $kind): int
    {
        $to = $this->target("slide.{$kind}");
        $lesson = $this->lesson((string) $this->argument('lesson'))->read();
        $slides = SlideDrawing::slides($lesson);
        $slide = $slides[(int) $this->option('slide') - 1] ?? throw new DomainException(
            'The slides of this lesson are numbered from 1 to '.count($slides).'.',
        );
        rename($drawing->file($lesson, $slide, $kind), $to);
        $this->line($to);

        return self::SUCCESS;
    }

    private function share(Lesson $lesson, ReleaseStore $releases): void
    {
        $release = $releases->begin($lesson);
        MakeRelease::dispatchSync($release->id);
    }

    /** The file to write, from the option “to”. */
    private function target(string $example): string
    {
        $to = (string) $this->option('to');

        return $to !== '' && is_dir(dirname($to)) && ! is_dir($to)
            ? $to
            : throw new DomainException("Say which file to write, in a folder that exists: --to={$example}");
    }
}
