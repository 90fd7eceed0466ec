<?php

declare(strict_types=1);

namespace App\Watching;

use App\Adapters\Files;
use App\Adapters\Video\SeenDrawings;
use App\Lessons\SlideDrawing;
use App\Media\Picture\Photo;
use App\Models\Release;
use Daybright\Recording\Playhead;
use GdImage;

/** The slide on which something is asked, as it is seen then, under what a student draws on it. */
final readonly class AskedSlide
{
    /** Points of a sheet that lies on a slide (web/questions/drawn/strokes.ts). */
    private const SHEET = [1200, 675];

    /** Points between two that are looked at: a sheet without paper is open almost everywhere. */
    private const EVERY = 25;

    private function __construct(private string $svg)
    {
    }

    public static function of(Release $release, string $block): ?self
    {
        $lesson = $release->frozen();
        $pause = array_values(array_filter($lesson->pauses, static fn ($each): bool => $each->block === $block))[0] ?? null;
        // Just before its own moment: what is revealed after it is the answer.
        $seen = $pause === null ? null : array_values((new Playhead($lesson->seen()))->at($pause->at - 0.01))[0] ?? null;
        $slide = $seen === null ? null : $lesson->slides[$seen->slide] ?? null;

        return $slide === null ? null : new self(SeenDrawings::whole($slide->svgAt($seen->step, $seen->states)));
    }

    /** With what was drawn on it; a picture that is none of a sheet without paper stays as it is. */
    public function under(Photo $drawn): Photo
    {
        $lines = [$drawn->width, $drawn->height] === self::SHEET ? @imagecreatefromstring($drawn->bytes) : false;
        if ($lines === false || ! self::isOpen($lines)) {
            return $drawn;
        }
        $slide = @imagecreatefrompng(SlideDrawing::png($this->svg, self::SHEET[0]));
        if ($slide === false) {
            return $drawn;
        }
        imagecopy($slide, $lines, 0, 0, 0, 0, ...self::SHEET);
        $both = Files::temporary('png');
        imagepng($slide, $both, 6);

        return Photo::open((string) file_get_contents($both));
    }

    private static function isOpen(GdImage $image): bool
    {
        for ($x = 0; $x < self::SHEET[0]; $x += self::EVERY) {
            for ($y = 0; $y < self::SHEET[1]; $y += self::EVERY) {
                if (imagecolorsforindex($image, (int) imagecolorat($image, $x, $y))['alpha'] > 0) {
                    return true;
                }
            }
        }

        return false;
    }
}
