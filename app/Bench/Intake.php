<?php

declare(strict_types=1);

namespace App\Bench;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Formats\LessonIntake;
use App\Formats\Slides\PresentationWriter;
use App\Lessons\BlankLesson;
use App\Lessons\LessonDocument;
use App\Lessons\LessonStore;
use App\Media\Clip\ClipFile;
use App\Models\Lesson;
use App\Models\User;
use Daybright\Format\Presentation\PresentationParts;
use ZipArchive;

/** How long what is brought in takes: a presentation with many pictures, and a clip. */
final readonly class Intake
{
    private const SLIDES = 40;

    private const CLIP_SECONDS = 30;

    public function __construct(
        private Report $report,
        private User $teacher,
        private LessonStore $store,
        private LessonIntake $intake,
        private PresentationWriter $writer,
    ) {
    }

    public function measure(): void
    {
        Files::tidily(function (): void {
            $this->presentation();
            $this->clip();
        });
    }

    private function presentation(): void
    {
        $file = $this->withPhotos($this->writer->write($this->lesson(), static function (): void {
        }));
        memory_reset_peak_usage();
        $begun = microtime(true);
        $this->intake->bringIn($this->teacher, $file, 'bench.pptx');
        $what = 'A presentation of '.self::SLIDES.' slides with as many pictures, brought in';
        $this->report->atMost($what, microtime(true) - $begun, 10, '%.1f s');
        $this->report->atMost('… memory at most', memory_get_peak_usage() / 1_000_000, 300, '%.0f MB');
    }

    /** As teachers make them: a photo a slide, each another one. */
    private function withPhotos(string $file): string
    {
        $zip = new ZipArchive;
        $zip->open($file);
        for ($number = 1; $number <= self::SLIDES; $number++) {
            $photo = Files::temporary('jpg');
            $picture = "testsrc2=size=1600x1200,noise=alls=20:all_seed={$number},format=yuvj420p";
            Program::run('ffmpeg', ['-v', 'error', '-y', '-f', 'lavfi', '-i', $picture, '-frames:v', '1', $photo]);
            $zip->addFile($photo, PresentationParts::picture($number));
        }
        $zip->close();

        return $file;
    }

    private function lesson(): Lesson
    {
        $document = BlankLesson::document(['title' => 'Forty pictures'])->array();
        $slide = $document['parts'][0]['slides'][0];
        $slides = [];
        for ($number = 0; $number < self::SLIDES; $number++) {
            $step = "step-{$number}";
            $slides[] = [
                'id' => "slide-{$number}",
                'steps' => [['id' => $step, 'script' => '', 'pause' => 0]],
                'blocks' => [],
            ] + $slide;
        }
        $document['parts'][0]['slides'] = $slides;

        return $this->store->create(new Lesson(['user_id' => $this->teacher->id]), LessonDocument::from($document));
    }

    private function clip(): void
    {
        $film = Files::temporary('mp4');
        $seconds = (string) self::CLIP_SECONDS;
        Program::run('ffmpeg', [
            '-v', 'error', '-y', '-f', 'lavfi', '-i', "testsrc2=size=1920x1080:rate=30:duration={$seconds}",
            '-f', 'lavfi', '-i', "sine=duration={$seconds}", '-c:v', 'libx264', '-preset', 'ultrafast', '-c:a', 'aac', $film,
        ]);
        $begun = microtime(true);
        ClipFile::open($film)->converted(static function (): void {
        })->checked();
        $what = 'A film of '.self::CLIP_SECONDS.' seconds in 1920 × 1080 made ready, against its own length';
        $this->report->atMost($what, (microtime(true) - $begun) / self::CLIP_SECONDS, 1, '%.2f times');
    }
}
