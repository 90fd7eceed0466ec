<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Lesson\PartKind;
use Daybright\Scene\Colour;
use Daybright\Scene\Paint;
use Daybright\Scene\Palette;

/** The colours of a look. Every text colour reaches 4.5 : 1 on every ground that it can stand on. */
final readonly class LookColours
{
    /**
     * @param  string  $ground of the slide
     * @param  string  $quiet ink of what serves
     * @param  string  $hair of thin lines
     * @param  array<string, string>  $strongs by part; a part that is not named keeps its own
     * @param  bool  $dark whether the ground is darker than the ink
     */
    public function __construct(
        public string $ground,
        public string $ink,
        public string $quiet,
        public string $card,
        public string $hair,
        private array $strongs = [],
        public bool $dark = false,
    ) {
    }

    public function strong(PartKind $part): string
    {
        return $this->strongs[$part->value] ?? $part->strong();
    }

    public function tint(PartKind $part): string
    {
        return $this->dark ? $this->mixed($part, 0.16) : $part->tint();
    }

    /** The part's strong colour, thinned with the ground. */
    public function mixed(PartKind $part, float $share): string
    {
        return Colour::read($this->strong($part))->over(Colour::read($this->ground), $share)->hex();
    }

    public function palette(): Palette
    {
        $colours = [
            Paint::INK => $this->ink,
            Paint::QUIET => $this->quiet,
            Paint::CARD => $this->card,
            Paint::PAPER => $this->ground,
            '#FFFEFB' => $this->ground,
            Paint::RULE => $this->hair,
        ];
        foreach (PartKind::cases() as $part) {
            $colours[$part->strong()] = $this->strong($part);
            $colours[$part->tint()] = $this->tint($part);
        }

        return new Palette($colours, $this->dark);
    }
}
