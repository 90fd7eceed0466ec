<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Page;

use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;

/** A slide that is brought in, as it looked: everything where it stood, drawn by our own fonts and pens. */
final readonly class Page
{
    public const WIDTH = 1600.0;

    /** A picture that covers this share of the page has everything else standing on it. */
    private const MOST = 0.7;

    /**
     * @param  float  $height of a page that is 1600 units wide
     * @param  string  $ground colour, such as “#FFFFFF”
     * @param  list<PlacedThing>  $things from the lowest to the topmost
     */
    public function __construct(public float $height, private string $ground, private array $things)
    {
    }

    public function isEmpty(): bool
    {
        return $this->things === [];
    }

    /** Whether a picture lies under all that is written. */
    public function standsOnPicture(): bool
    {
        $area = self::WIDTH * $this->height;
        foreach ($this->things as $number => $thing) {
            if ($thing instanceof PlacedPicture && $thing->box->area() > self::MOST * $area) {
                return count($this->things) > $number + 1;
            }
        }

        return false;
    }

    /** @return list<string> names of the parts of its pictures, each once */
    public function parts(): array
    {
        return array_values(array_unique(array_merge(...array_map(
            static fn (PlacedThing $thing): array => $thing->parts(),
            $this->things,
        ))));
    }

    /** @param  array<string, string>  $media id of each picture by the name of its part; those that cannot be shown are missing */
    public function scene(RenderContext $context, array $media): Scene
    {
        $page = new Box(0, 0, self::WIDTH, $this->height);
        $shapes = [Shape::rectangle($page, Paint::filled($this->ground))];
        foreach ($this->things as $thing) {
            foreach ($thing->shapes($context) as $shape) {
                $known = $shape->withMedia($media);
                $known === null || $shapes[] = $known;
            }
        }

        return (new Scene([new Group('', '', '', 0, $shapes)], [], [], []))->on($page, []);
    }
}
