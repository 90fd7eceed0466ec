<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;

/** What is drawn of a block on a page: its shapes and its words, each where it stands. */
final readonly class BlockOnPage
{
    /** Around all that is drawn. */
    public Box $box;

    /** @var list<Box> what is drawn and not written, in the order in which it is drawn */
    public array $graphics;

    /** @var list<array{string, Box}> in the order in which they are read */
    public array $words;

    /** @var array<string, Box> pictures among what is drawn, by medium; the last one where a medium is shown twice */
    public array $pictures;

    /**
     * @param  list<Box>  $graphics
     * @param  list<array{string, Box}>  $words
     * @param  array<string, Box>  $pictures
     */
    private function __construct(Box $box, array $graphics, array $words, array $pictures = [])
    {
        $this->box = $box;
        $this->graphics = $graphics;
        $this->words = $words;
        $this->pictures = $pictures;
    }

    /** A block of which nothing but its box is known. */
    public static function ofBox(Box $box): self
    {
        return new self($box, [$box], []);
    }

    /** @param  non-empty-list<Group>  $groups */
    private static function drawn(array $groups): self
    {
        $all = $graphics = $words = $pictures = [];
        foreach ($groups as $group) {
            foreach ($group->shapes as $shape) {
                $all[] = $box = $group->boxOf($shape);
                array_push($words, ...self::words($group, $shape));
                if (! $shape->isText()) {
                    $graphics[] = $box;
                }
                if ($shape->medium !== null) {
                    $pictures[$shape->medium] = $box;
                }
            }
        }

        return new self(Box::around($all), $graphics, $words, $pictures);
    }

    /** @return array<string, self> by block; the title under “” */
    public static function all(Scene $scene): array
    {
        $groups = [];
        foreach ($scene->groups as $group) {
            if (($group->block !== '' || $group->piece === SlideTitle::PIECE) && $group->shapes !== []) {
                $groups[$group->block][] = $group;
            }
        }

        return array_map(static fn (array $ofBlock): self => self::drawn($ofBlock), $groups);
    }

    /** @return list<array{string, Box}> */
    private static function words(Group $group, Shape $shape): array
    {
        return array_map(
            static fn (array $word): array => [$word[0], $word[1]->scaled($group->scale)->moved($group->x, $group->y)],
            $shape->placedWords(),
        );
    }
}
