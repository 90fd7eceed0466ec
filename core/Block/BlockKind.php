<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Lesson\Fields;
use Daybright\Scene\Layout;
use Daybright\Scene\Room;
use Daybright\Scene\Setting;

/** A kind of block: what it holds, how it is drawn, and what it says. */
interface BlockKind
{
    public function name(): string;

    public function label(): string;

    /** @return array<string, mixed> content of a new one */
    public function blank(): array;

    /** @return list<Piece> what may appear at steps of its own, besides the block itself */
    public function pieces(Fields $content): array;

    /** The least height of a block that takes what is left on the slide; null for one whose height follows from its text. */
    public function leastHeight(Fields $content): ?float;

    public function layout(Fields $content, Room $room): Layout;

    /**
     * In words, for a student who cannot see it: what each piece says or shows, and nothing that only a later piece tells.
     *
     * @return array<string, string> piece => words
     */
    public function words(Fields $content, Setting $setting): array;

    /** @return list<Statement> texts to be checked for false sums */
    public function statements(Fields $content): array;
}
