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

    public function __construct(private FrozenLesson $lesson, private VideoShape $shape)
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
        $page = $this->page($seen);
        $times = min($room->width / $page->width, $room->height / $page->height);
        [$width, $height] = [$page->width * $times, $page->height * $times];

        return new Box($room->middleX() - $width / 2, $room->middleY() - $height / 2, $width, $height);
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

        return $room->width > $page->width - 1 && $room->height > $page->height - 1 ? $svg : self::standing($svg, $room, $page);
    }

    /** A drawing of which only a part is seen. */
    private static function seeing(string $svg, ?Box $view): string
    {
        $box = $view === null ? '' : implode(' ', [$view->x, $view->y, $view->width, $view->height]);

        return $view === null ? $svg : (string) preg_replace('/viewBox="[^"]*"/', "viewBox=\"{$box}\"", $svg, 1);
    }

    /** A drawing with room around it. */
    private static function standing(string $svg, Box $room, Box $page): string
    {
        $placed = sprintf('<svg x="%.2F" y="%.2F" width="%.2F" height="%.2F"', $room->x, $room->y, $room->width, $room->height);

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d">', $page->width, $page->height)
            .sprintf('<rect width="%d" height="%d" fill="%s"/>', $page->width, $page->height, Paint::PAPER)
            .preg_replace('/<svg/', $placed, $svg, 1).'</svg>';
    }
}
