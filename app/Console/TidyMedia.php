<?php

declare(strict_types=1);

namespace App\Console;

use App\Clips\ClipStore;
use App\Lessons\PaintedSlides;
use App\Lessons\ReleaseParts;
use App\Models\IncomingClip;
use App\Models\MediaFile;
use App\Models\Release;
use App\Models\Revision;
use App\Watching\AnswerFile;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Storage;

/** Takes away files of media that no lesson, no earlier state of one and no shared version shows any more. */
class TidyMedia extends Command
{
    protected $signature = 'media:tidy {--hours=24 : how old a file must be; a younger one may still be on its way into a lesson}';

    protected $description = 'Take away files of media that nothing shows any more';

    private const PAINTED_DAYS = 30;

    private const CLIP_DAYS = 30;

    private const PART_DAYS = 30;

    public function handle(ClipStore $clips): int
    {
        $clips->clearAbandoned(self::CLIP_DAYS);
        $gone = 0;
        foreach (MediaFile::query()->where('created_at', '<=', now()->subHours((int) $this->option('hours')))->lazyById() as $file) {
            if (! $this->isShown($file)) {
                $file->delete();
                $gone++;
            }
            if (! MediaFile::query()->where('sha256', $file->sha256)->exists()) {
                Storage::delete($file->place());
            }
        }
        // What was painted long ago is painted again when it is looked at.
        PaintedSlides::table()->where('created_at', '<', now()->subDays(self::PAINTED_DAYS))->delete();
        ReleaseParts::tidy(self::PART_DAYS);
        AnswerFile::tidy();
        $this->line("Taken away: {$gone}");

        return self::SUCCESS;
    }

    private function isShown(MediaFile $file): bool
    {
        $ofTeacher = static fn ($lesson) => $lesson->where('user_id', $file->user_id);

        // A clip that is ready waits for its lesson to be opened.
        $ofClip = static fn ($clip) => $clip->where('medium', 'like', "%{$file->sha256}%")->orWhere('poster', 'like', "%{$file->sha256}%");

        return IncomingClip::query()->where('user_id', $file->user_id)->where($ofClip)->exists()
            || Revision::query()->whereHas('lesson', $ofTeacher)->where('document', 'like', "%{$file->sha256}%")->exists()
            || Release::query()->whereHas('lesson', $ofTeacher)->where('document', 'like', "%{$file->sha256}%")->exists();
    }
}
