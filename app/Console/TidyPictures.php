<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\PaintedSlide;
use App\Models\Picture;
use App\Models\Release;
use App\Models\Revision;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Storage;

/** Takes away pictures that no lesson, no earlier state of one and no shared version shows any more. */
class TidyPictures extends Command
{
    protected $signature = 'pictures:tidy {--hours=24 : how old a picture must be; a younger one may still be on its way into a lesson}';

    protected $description = 'Take away pictures that nothing shows any more';

    private const PAINTED_DAYS = 30;

    public function handle(): int
    {
        $gone = 0;
        foreach (Picture::query()->where('created_at', '<=', now()->subHours((int) $this->option('hours')))->lazyById() as $picture) {
            if (! $this->isShown($picture)) {
                $picture->delete();
                $gone++;
            }
            if (! Picture::query()->where('sha256', $picture->sha256)->exists()) {
                Storage::delete(Picture::path($picture->sha256));
            }
        }
        // What was painted long ago is painted again when it is looked at.
        PaintedSlide::query()->where('created_at', '<', now()->subDays(self::PAINTED_DAYS))->delete();
        $this->line("Taken away: {$gone}");

        return self::SUCCESS;
    }

    private function isShown(Picture $picture): bool
    {
        $ofTeacher = static fn ($lesson) => $lesson->where('user_id', $picture->user_id);

        return Revision::query()->whereHas('lesson', $ofTeacher)->where('document', 'like', "%{$picture->sha256}%")->exists()
            || Release::query()->whereHas('lesson', $ofTeacher)->where('document', 'like', "%{$picture->sha256}%")->exists();
    }
}
