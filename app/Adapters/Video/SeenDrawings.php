<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use App\Models\MediaFile;
use Daybright\Deck\Beside;
use Daybright\Deck\Format;
use Daybright\Recording\Tracks\Footage\Place;
use Daybright\Release\FrozenLesson;
use Daybright\Release\SeenPicture;
use Daybright\Release\SoftViews;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;

/** The drawings that the pictures of a video are made from, each once. */
final readonly class SeenDrawings
{
    private const PICTURE = '/="picture:([0-9a-f]{64})"/';

    /** @var list<SeenPicture> what is seen when, without gaps */
    public array $shown;

    /** @var array<string, int> number of the drawing, by the key of what is seen */
    public array $numbers;

    /** @var list<string> as SVG, their pictures named by the hash of their bytes */
    public array $named;

    /** @param  bool  $overBand whether there is a band for captions under the slide */
    public function __construct(private FrozenLesson $lesson, private VideoShape $shape, private bool $overBand = false)
    {
        $page = fn (string $slide): Format => $this->lesson->pageOf($slide, $this->shape->format());
        $this->shown = SoftViews::between($lesson->seen($shape->format()), $page);
        $numbers = $named = [];
        foreach ($this->shown as $seen) {
            $key = $seen->key();
            if (! isset($numbers[$key])) {
                $numbers[$key] = count($named);
                $named[] = $this->draw($seen);
            }
        }
        [$this->numbers, $this->named] = [$numbers, $named];
    }

    /** With the bytes of its pictures in it. */
    public static function whole(string $named): string
    {
        return (string) preg_replace_callback(
            self::PICTURE,
            static fn (array $match): string => '="'.MediaFile::dataAddress($match[1]).'"',
            $named,
        );
    }

    /** Where the slide stands in the picture, in units of the video's page. */
    public function room(SeenPicture $seen): Box
    {
        $format = $this->shape->format();

        $room = $seen->film(Place::Beside) === null ? $format->page() : Beside::slide($format);

        return self::fitted($this->page($seen), $this->place($room));
    }

    /** A box of the page, where there may be a band under it. */
    public function place(Box $box): Box
    {
        $stage = $this->stage();
        $times = $stage->width / $this->shape->format()->page()->width;

        return new Box($stage->x + $box->x * $times, $stage->y + $box->y * $times, $box->width * $times, $box->height * $times);
    }

    /** The page that the slide is drawn on. */
    public function page(SeenPicture $seen): Box
    {
        return $this->lesson->pageOf($seen->slide, $this->shape->format())->page();
    }

    private function draw(SeenPicture $seen): string
    {
        $slide = $this->lesson->slides[$seen->slide] ?? throw VideoFailed::because('A slide is missing from this version');
        $svg = self::seeing($slide->svgAt($seen->step, $seen->states, $this->shape->format()), $seen->view);
        [$room, $page] = [$this->room($seen), $this->shape->format()->page()];

        return $room->width > $page->width - 1 && $room->height > $page->height - 1 ? $svg : $this->standing($svg, $room, $page);
    }

    /** The page itself, or what is left of it over the band. */
    private function stage(): Box
    {
        $page = $this->shape->format()->page();
        $band = BurntCaptions::BAND * $this->shape->panelScale() * $page->width / $this->shape->width();

        return $this->overBand ? self::fitted($page, new Box(0, 0, $page->width, $page->height - $band)) : $page;
    }

    /** A page as large as it fits into a room, in its middle. */
    private static function fitted(Box $page, Box $room): Box
    {
        $times = min($room->width / $page->width, $room->height / $page->height);
        [$width, $height] = [$page->width * $times, $page->height * $times];

        return new Box($room->middleX() - $width / 2, $room->middleY() - $height / 2, $width, $height);
    }

    /** A drawing of which only a part is seen. */
    private static function seeing(string $svg, ?Box $view): string
    {
        $box = $view === null ? '' : implode(' ', [$view->x, $view->y, $view->width, $view->height]);

        return $view === null ? $svg : (string) preg_replace('/viewBox="[^"]*"/', "viewBox=\"{$box}\"", $svg, 1);
    }

    /** A drawing with room around it. */
    private function standing(string $svg, Box $room, Box $page): string
    {
        $at = static fn (Box $box): string => vsprintf('x="%.2F" y="%.2F" width="%.2F" height="%.2F"', get_object_vars($box));

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d">', $page->width, $page->height)
            ."<rect {$at($page)} fill=\"".Paint::INK.'"/>'
            ."<rect {$at($this->stage())} fill=\"".Paint::PAPER.'"/>'
            .preg_replace('/<svg/', "<svg {$at($room)}", $svg, 1).'</svg>';
    }
}
