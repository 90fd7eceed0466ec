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

    public function __construct(
        private readonly SeenPicture $seen,
        private readonly Filmed $film,
        string $file,
        private readonly SeenDrawings $drawings,
        private readonly VideoShape $shape,
    ) {
        $camera = $drawings->place(Beside::camera($shape->format()));
        $this->room = $shape->pixels($film->place === Place::Beside ? $camera : $drawings->room($seen));
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

        return $this->last === '' ? $frame : (new Inset($this->shape))->put($frame, $this->last, $this->room);
    }

    private function filter(): string
    {
        [$width, $height] = [(int) $this->room->width, (int) $this->room->height];
        if ($this->film->place === Place::Beside) {
            return "scale={$width}:{$height}:force_original_aspect_ratio=increase:flags=bilinear,crop={$width}:{$height}";
        }
        $fitted = "scale={$width}:{$height}:force_original_aspect_ratio=decrease:flags=bilinear,pad={$width}:{$height}:-1:-1:color=0x1F2D36";
        [$view, $page] = [$this->seen->view, $this->drawings->page($this->seen)];

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
