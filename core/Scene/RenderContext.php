<?php

declare(strict_types=1);

namespace Daybright\Scene;

use Daybright\Language\PlainWords;

/** What a block needs around it to be drawn: the type, the colours of its part, the pictures, the facts of the slide's figures. */
final readonly class RenderContext
{
    /**
     * @param  string  $tint light colour of the part, such as “#DDF0F5”
     * @param  string  $strong its dark one
     * @param  array<string, Picture>  $pictures by id
     * @param  array<string, string>  $facts name => as written
     * @param  ScanCodes|null  $codes none where nothing can be scanned
     */
    public function __construct(
        public Typesetter $type,
        public string $tint,
        public string $strong,
        public array $pictures = [],
        public array $facts = [],
        public CardStyle $cards = new CardStyle,
        public ?ScanCodes $codes = null,
    ) {
    }

    /**
     * A number or a letter on a disc in the strong colour.
     *
     * @return list<Shape>
     */
    public function disc(string $mark, float $x, float $y, float $radius): array
    {
        $size = max(Typesetter::SMALLEST, $radius * 1.1);

        return [
            Shape::circle($x, $y, $radius, Paint::filled($this->strong)),
            $this->type->label($mark, $x, $y + $size * 0.36, new TextStyle($size, Paint::CARD, true, 0.5)),
        ];
    }

    /** A text as it is read out: facts filled in, without the signs of typesetting. */
    public function spoken(string $text): string
    {
        return PlainWords::read($text, $this->facts);
    }

    /** “{total}” becomes the figure's own fact; a name that no figure knows is left as it was typed. */
    public function filled(string $text): string
    {
        return PlainWords::filled($text, $this->facts);
    }
}
