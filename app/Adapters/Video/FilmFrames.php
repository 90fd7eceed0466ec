<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use Daybright\Deck\Beside;
use Daybright\Recording\Tracks\Footage\Filmed;
use Daybright\Recording\Tracks\Footage\Place;
use Daybright\Release\SeenPicture;
use Daybright\Scene\Box;
use Generator;

/** The camera, or a window, in the pictures of a video, as time goes on. */
final class FilmFrames
{
    /** @var Generator<int, string> */
    private Generator $frames;

    private string $last = '';

    /** Where it stands, in pixels; even numbers, since colour is kept for every second pixel. */
    private readonly Box $room;

    private readonly string $filter;

    /** Milliseconds of narration at its first picture. */
    private readonly float $from;

    public function __construct(
        SeenPicture $seen,
        private readonly Filmed $film,
        string $file,
        private readonly SeenDrawings $drawings,
        private readonly VideoShape $shape,
    ) {
        $this->from = $seen->from;
        $this->room = $this->roomIn($seen, $film->place);
        $this->filter = $this->filterFor($seen, $film->place, $this->room);
        $from = sprintf('%.3F', max(0.0, $seen->from - $film->begins) / 1000);
        $this->frames = RawFrames::of(
            ['-ss', $from, '-i', $file],
            $this->filter,
            (int) ($this->room->width * $this->room->height * 1.5),
        );
    }

    /** Whether the film of the next picture is gone on with: to open one takes longer than to show a second of it. */
    public function goesOn(SeenPicture $seen, Filmed $film): bool
    {
        $room = $this->roomIn($seen, $film->place);

        return [$film->footage, $film->begins, $film->place] === [$this->film->footage, $this->film->begins, $this->film->place]
            && $room == $this->room
            && $this->filterFor($seen, $film->place, $room) === $this->filter;
    }

    /** The picture with what is filmed at a moment of narration. */
    public function over(string $frame, float $at): string
    {
        $wanted = (int) floor(($at - $this->from) / RawFrames::EVERY + 0.5);
        while ($this->frames->valid() && $this->frames->key() <= $wanted) {
            $this->last = $this->frames->current();
            $this->frames->next();
        }

        return $this->last === '' ? $frame : $this->shape->inset()->put($frame, $this->last, $this->room);
    }

    private function roomIn(SeenPicture $seen, Place $place): Box
    {
        $isBeside = $place === Place::Beside;

        return $this->shape->pixels(
            $isBeside ? $this->drawings->place(Beside::camera($this->shape->format())) : $this->drawings->room($seen),
        );
    }

    private function filterFor(SeenPicture $seen, Place $place, Box $room): string
    {
        [$width, $height] = [(int) $room->width, (int) $room->height];
        if ($place === Place::Beside) {
            return "scale={$width}:{$height}:force_original_aspect_ratio=increase:flags=bilinear,crop={$width}:{$height}";
        }
        $fitted = "scale={$width}:{$height}:force_original_aspect_ratio=decrease:flags=bilinear,pad={$width}:{$height}:-1:-1:color=0x1F2D36";
        [$view, $page] = [$seen->view, $this->drawings->page($seen)];

        return $view === null ? $fitted : sprintf(
            '%s,crop=iw*%.5F:ih*%.5F:iw*%.5F:ih*%.5F,scale=%d:%d',
            $fitted,
            $view->width / $page->width,
            $view->height / $page->height,
            $view->x / $page->width,
            $view->y / $page->height,
            $width,
            $height,
        );
    }
}
