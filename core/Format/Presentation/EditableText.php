<?php

declare(strict_types=1);

namespace Daybright\Format\Presentation;

use Daybright\Scene\Box;
use Daybright\Scene\TextStyle;

/** A text of a slide as a box that can be typed in. */
final readonly class EditableText
{
    /**
     * @param  Box  $box in slide units
     * @param  list<array{text: string, isPoint: bool}>  $paragraphs a point is an entry of a list
     */
    public function __construct(
        public bool $isTitle,
        public Box $box,
        public TextStyle $style,
        public string $typeface,
        public array $paragraphs,
    ) {
    }
}
