<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Adapters\Files;
use App\Formats\Formats;
use App\Formats\WritingStopped;
use App\Models\Export;
use App\Models\ExportState;
use DomainException;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Writes a lesson in a format that takes long, reports how far it is, and stops when the teacher says so. */
class MakeExport implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public int $maxExceptions = 1;

    public int $timeout = 3600;

    public function __construct(private readonly string $export)
    {
        $this->onQueue('videos');
    }

    /** @return list<object> */
    public function middleware(): array
    {
        return [new KeepsReservation];
    }

    public function handle(): void
    {
        $export = Export::query()->find($this->export);
        // One that is being made already was begun by a worker that died: it is made anew.
        if ($export === null || ! in_array($export->state, ExportState::ON_THE_WAY, true)) {
            return;
        }
        $export->update(['state' => ExportState::Making, 'progress' => 0]);
        try {
            Files::tidily(fn () => $this->make($export));
        } catch (WritingStopped) {
            return;
        }
    }

    private function make(Export $export): void
    {
        $writer = Formats::writer($export->format, $export->chosen())
            ?? throw new DomainException("Lessons are not written as “{$export->format}”.");
        $made = $writer->write($export->release->lesson, static function (float $share) use ($export): void {
            if ($export->fresh()?->state !== ExportState::Making) {
                throw new WritingStopped('Stopped by the teacher.');
            }
            $export->update(['progress' => round($share, 3)]);
        });
        $bytes = filesize($made);
        Files::keep($made, $export->path('file'.$writer::format()->ending));
        $export->update(['state' => ExportState::Ready, 'progress' => 1, 'bytes' => $bytes]);
    }

    public function failed(?Throwable $error): void
    {
        Export::query()->whereKey($this->export)->update([
            'state' => ExportState::Failed,
            'trouble' => 'The file could not be made. Press “Make it again”; if it fails again, share a new version first.',
        ]);
    }
}
