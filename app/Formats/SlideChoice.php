<?php

declare(strict_types=1);

namespace App\Formats;

/** The two ways in which a slide came in: as blocks, and as it looked. One of them is in the lesson. */
final readonly class SlideChoice
{
    /**
     * @param  string  $slide its id, the same both ways
     * @param  int  $number in the file, from 1
     * @param  list<string>  $left what could not be taken as blocks
     * @param  array{slide: array<string, mixed>, media: array<string, array<string, mixed>>}  $blocks
     * @param  array{slide: array<string, mixed>, media: array<string, array<string, mixed>>}  $looked its media are empty while the
     *     picture is not made yet
     * @param  string  $description of the picture of how it looked
     * @param  string  $drawing of how it looked, as LookedPage has it; empty where only its picture is known
     */
    public function __construct(
        public string $slide,
        public int $number,
        public array $left,
        public array $blocks,
        public array $looked,
        public string $description,
        public string $drawing,
    ) {
    }

    public function hasPicture(): bool
    {
        return $this->looked['media'] !== [];
    }

    /** @return array<string, mixed> as the table has them; without media there is an empty object and no empty list */
    public function fields(): array
    {
        $way = static fn (array $way): array => ['slide' => $way['slide'], 'media' => (object) $way['media']];

        return ['blocks' => $way($this->blocks), 'looked' => $way($this->looked)] + get_object_vars($this);
    }
}
