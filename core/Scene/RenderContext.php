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
     */
    public function __construct(
        public Typesetter $type,
        public string $tint,
        public string $strong,
        public array $pictures = [],
        public array $facts = [],
        public bool $centred = false,
    ) {
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
