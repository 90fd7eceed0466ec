<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Lesson\Media\Picture\PictureMedium;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;

/** A picture that is shown larger than it is sharp. */
final readonly class StretchedPicture implements SlideRule
{
    /** Pixels of a video for each slide unit: 1920 over 1600. */
    private const PIXELS = 1.2;

    /** How many times larger than its pixels a picture may be before it is seen to be soft. */
    private const SOFT = 1.6;

    public function name(): string
    {
        return 'stretched-picture';
    }

    public function cost(): Cost
    {
        return Cost::Polish;
    }

    public function check(SlideInspection $inspection): array
    {
        $findings = [];
        foreach ($inspection->scene->groups as $group) {
            foreach ($group->shapes as $shape) {
                $medium = $inspection->media[$shape->medium ?? ''] ?? null;
                if (! $medium instanceof PictureMedium || $medium->type === 'image/svg+xml') {
                    continue;
                }
                $times = self::PIXELS * $group->boxOf($shape)->width / max(1, $medium->width);
                if ($times > self::SOFT) {
                    $findings[] = Finding::ofBlock(
                        $this->name(),
                        sprintf(
                            'The picture “%s” is %d pixels wide and shown %.1f times larger. Use a larger file, or show it smaller.',
                            $medium->name,
                            $medium->width,
                            $times,
                        ),
                        $inspection->slide->id,
                        $group->block,
                    )->about($medium->sha256);
                }
            }
        }

        return $findings;
    }
}
