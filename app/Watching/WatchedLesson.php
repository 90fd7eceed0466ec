<?php

declare(strict_types=1);

namespace App\Watching;

use App\Lessons\ReleaseView;
use App\Models\Visit;
use Daybright\Watching\Opening;
use Daybright\Watching\Progress;
use Daybright\Watching\SealedLesson;

/** A shared lesson as its page gets it, as far as a student has come. */
final class WatchedLesson
{
    public function __construct(private readonly StudentVisit $visits)
    {
    }

    /** @return array<string, mixed> */
    public function show(Visit $visit, Progress $progress, Opening $opening): array
    {
        $share = $visit->share;
        $release = $share->version();
        $base = self::address($visit);
        $document = $release->document->array();

        return [
            ...ReleaseView::show($release, $base, $base.'/media', SealedLesson::seal($release->frozen(), $progress, $opening)),
            'edition' => $share->edition(),
            'inAnyOrder' => $opening->inAnyOrder,
            'closed' => (object) $share->closedParts(),
            'comparedFrom' => $opening->answersLater ? $share->due : null,
            'student' => $visit->student->name,
            'instructions' => $share->instructions ?? '',
            'due' => $share->due,
            'aims' => $document['aims'],
            'materials' => $document['materials'] ?? [],
            'before' => $document['before'] ?? '',
            'next' => $document['next'] ?? '',
            'handout' => $release->hasHandout() ? $base.'/handout.pdf' : null,
            'language' => $document['language'] ?? 'en',
            'letter' => LetterToSelf::before($visit),
            'visit' => $this->visits->shown($visit),
        ];
    }

    /** Under which all of it is had. */
    public static function address(Visit $visit): string
    {
        return "/api/watch/{$visit->share_id}";
    }
}
