<?php

declare(strict_types=1);

namespace App\Formats;

use App\Jobs\MakeExport;
use App\Models\Export;
use App\Models\ExportState;
use App\Models\Release;
use App\Models\ReleaseState;
use DomainException;
use Illuminate\Support\Facades\DB;

/** Files that take long to make: begun, and stopped. */
final class ExportStore
{
    /**
     * The one that is on its way already, or a new one.
     *
     * @param  array<string, string>  $choices values by the name of the choice
     *
     * @throws DomainException when the format or the version cannot be made into a file now
     */
    public function begin(Release $release, string $format, array $choices = []): Export
    {
        $writer = Formats::writer($format);
        if ($writer === null || ! $writer::format()->takesLong) {
            throw new DomainException('This file is written while you wait. Load the page again.');
        }
        if ($release->state !== ReleaseState::Ready) {
            throw new DomainException('This version is still being put together. Try again in a moment.');
        }

        $chosen = $writer::format()->chosen($choices);

        // The file and the job that makes it are stored together or not at all.
        return DB::transaction(static function () use ($release, $format, $chosen): Export {
            $running = Export::query()->where('release_id', $release->id)
                ->where('format', $format)
                ->whereIn('state', ExportState::ON_THE_WAY)
                ->get()
                ->first(static fn (Export $export): bool => $export->chosen() === $chosen);
            if ($running === null) {
                $running = Export::query()->create([
                    'release_id' => $release->id,
                    'format' => $format,
                    'choices' => $chosen,
                    'state' => ExportState::Waiting,
                ]);
                MakeExport::dispatch($running->id);
            }

            return $running;
        });
    }

    public function cancel(Export $export): Export
    {
        Export::query()->whereKey($export->id)->whereIn('state', ExportState::ON_THE_WAY)->update(['state' => ExportState::Cancelled]);

        return $export->refresh();
    }
}
