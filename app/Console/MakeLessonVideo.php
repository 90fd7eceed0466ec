<?php

namespace App\Console;

use App\Adapters\Video\VideoMaker;
use App\Jobs\MakeRelease;
use App\Lessons\ReleaseStore;

/** The video of a lesson from the shell: of its newest release, or of a new one. */
class MakeLessonVideo extends LessonCommand
{
    protected $signature = 'lesson:video {lesson : id or title} {--to= : the MP4 file to write; captions go beside it}';

    protected $description = 'Make the MP4 of a lesson’s newest release';

    public function handle(VideoMaker $maker, ReleaseStore $releases): int
    {
        $to = $this->target('lesson.mp4');
        $lesson = $this->lesson((string) $this->argument('lesson'));
        $release = $lesson->releases()->where('state', 'ready')->get()->last();
        if ($release === null) {
            $release = $releases->begin($lesson);
            MakeRelease::dispatchSync($release->id);
            $release->refresh();
        }
        $bar = $this->output->createProgressBar(100);
        $made = $maker->make($release, static fn (float $share) => $bar->setProgress((int) round($share * 100)));
        $bar->finish();
        $this->newLine();
        rename($made['video'], $to);
        rename($made['captions'], preg_replace('/\.mp4$/', '', $to).'.vtt');
        $this->line($to);

        return self::SUCCESS;
    }
}
