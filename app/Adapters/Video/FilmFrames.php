<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use Daybright\Deck\Beside;
use Daybright\Deck\Format;
use Daybright\Recording\Tracks\Footage\Filmed;
use Daybright\Recording\Tracks\Footage\Place;
use Daybright\Release\SeenPicture;
use Daybright\Scene\Box;
use Daybright\Scene\Scene;
use Generator;

/** The camera, or a window, in the pictures of a video, as time goes on. */
final class FilmFrames
{
    /** @var Generator<int, string> */
    private Generator $frames;

    private string $last = '';

    /** Where it stands, in pixels; even numbers, since colour is kept for every second pixel. */
    private readonly Box $room;

    public function __construct(private readonly SeenPicture $seen, private readonly Filmed $film, string $file)
    {
        $whole = $seen->film(Place::Beside) === null ? Format::Wide->page() : Beside::slide(Format::Wide);
        $this->room = self::inPixels($film->place === Place::Beside ? Beside::camera(Format::Wide) : $whole);
        $from = sprintf('%.3F', max(0.0, $seen->from - $film->begins) / 1000);
        $this->frames = RawFrames::of(
            ['-ss', $from, '-i', $file],
            $this->filter(),
            (int) ($this->room->width * $this->room->height * 1.5),
        );
    }

    /** The picture with what is filmed at a moment of narration. */
    public function over(string $frame, float $at): string
    {
        $wanted = (int) floor(($at - $this->seen->from) / RawFrames::EVERY + 0.5);
        while ($this->frames->valid() && $this->frames->key() <= $wanted) {
            $this->last = $this->frames->current();
            $this->frames->next();
        }

        return $this->last === '' ? $frame : Inset::put($frame, $this->last, $this->room);
    }

    private function filter(): string
    {
        [$width, $height] = [(int) $this->room->width, (int) $this->room->height];
        if ($this->film->place === Place::Beside) {
            return "scale={$width}:{$height}:force_original_aspect_ratio=increase:flags=bilinear,crop={$width}:{$height}";
        }
        $fitted = "scale={$width}:{$height}:force_original_aspect_ratio=decrease:flags=bilinear,pad={$width}:{$height}:-1:-1:color=0x1F2D36";
        $view = $this->seen->view;

        return $view === null ? $fitted : sprintf(
            '%s,crop=iw*%.5F:ih*%.5F:iw*%.5F:ih*%.5F,scale=%d:%d',
            $fitted,
            $view->width / Scene::WIDTH,
            $view->height / Scene::HEIGHT,
            $view->x / Scene::WIDTH,
            $view->y / Scene::HEIGHT,
            $width,
            $height,
        );
    }

    private static function inPixels(Box $units): Box
    {
        $even = static fn (float $length): int => 2 * (int) round($length * Rasteriser::WIDTH / Scene::WIDTH / 2);

        return new Box($even($units->x), $even($units->y), $even($units->width), $even($units->height));
    }
}
