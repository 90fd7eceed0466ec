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
     * @throws DomainException when the format or the version cannot be made into a file now
     */
    public function begin(Release $release, string $format): Export
    {
        if (Formats::writer($format)?->format()->takesLong !== true) {
            throw new DomainException('This file is written while you wait. Load the page again.');
        }
        if ($release->state !== ReleaseState::Ready) {
            throw new DomainException('This version is still being put together. Try again in a moment.');
        }

        // The file and the job that makes it are stored together or not at all.
        return DB::transaction(static function () use ($release, $format): Export {
            $running = Export::query()->where('release_id', $release->id)
                ->where('format', $format)
                ->whereIn('state', ExportState::ON_THE_WAY)
                ->first();
            if ($running === null) {
                $running = Export::query()->create(['release_id' => $release->id, 'format' => $format, 'state' => ExportState::Waiting]);
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
