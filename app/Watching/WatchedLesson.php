<?php

declare(strict_types=1);

namespace App\Watching;

use App\Lessons\ReleaseView;
use App\Models\Release;
use App\Models\Visit;
use Daybright\Watching\Opening;
use Daybright\Watching\Progress;
use Daybright\Watching\SealedLesson;
use Daybright\Watching\SealedRanges;
use Illuminate\Support\Facades\Cache;

/** A shared lesson as its page gets it, as far as a student has come. */
final class WatchedLesson
{
    /** Seconds for which what a class watches lies ready. */
    private const KEPT = 86_400;

    public function __construct(private readonly StudentVisit $visits)
    {
    }

    /** @return array<string, mixed> */
    public function show(Visit $visit, Progress $progress, Opening $opening): array
    {
        $share = $visit->share;
        $release = $share->version();
        $base = self::address($visit);

        return [
            ...self::seen($release, $base, $progress, $opening),
            'edition' => $share->edition(),
            'inAnyOrder' => $opening->inAnyOrder,
            'closed' => (object) $share->closedParts(),
            'comparedFrom' => $opening->answersLater ? $share->due : null,
            'student' => $visit->student->name,
            'instructions' => $share->instructions ?? '',
            'due' => $share->due,
            ...self::planned($release),
            'handout' => $release->hasHandout() ? $base.'/handout.pdf' : null,
            'letter' => LetterToSelf::before($visit),
            'visit' => $this->visits->shown($visit),
        ];
    }

    /** @return array<string, mixed> put together once for all who have come equally far */
    private static function seen(Release $release, string $base, Progress $progress, Opening $opening): array
    {
        $sealed = SealedRanges::of($release->outline(), $progress, $opening);
        $show = static fn (): array => ReleaseView::show(
            $release,
            $base,
            $base.'/media',
            SealedLesson::seal($release->frozen(), $progress, $opening),
        );

        return Cache::remember('watched '.sha1(serialize([$release->id, $base, $sealed])), self::KEPT, $show);
    }

    /** @return array<string, mixed> what is said before it begins */
    public static function planned(Release $release): array
    {
        $document = $release->document->array();

        return [
            'aims' => $document['aims'],
            'materials' => $document['materials'] ?? [],
            'before' => $document['before'] ?? '',
            'next' => $document['next'] ?? '',
            'language' => $document['language'] ?? 'en',
        ];
    }

    /** Under which all of it is had. */
    public static function address(Visit $visit): string
    {
        return "/api/watch/{$visit->share_id}";
    }
}
