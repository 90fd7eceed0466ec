<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Lesson\Fields;
use Daybright\Recording\Cue;

/** What of which clip plays while the narration waits. Times are milliseconds of the clip. */
final readonly class FrozenClip
{
    /**
     * @param  string  $file kind and hash of its bytes
     * @param  string  $type media type (RFC 6838)
     * @param  list<Cue>  $captions
     */
    public function __construct(
        public string $file,
        public string $type,
        public string $title,
        public string $description,
        public float $from,
        public float $to,
        public array $captions,
    ) {
    }

    public static function read(Fields $clip): self
    {
        return new self(
            $clip->text('file'),
            $clip->text('type'),
            $clip->text('title'),
            $clip->text('description'),
            $clip->number('from'),
            $clip->number('to'),
            array_map(Cue::read(...), $clip->list('captions')),
        );
    }

    public function isFilm(): bool
    {
        return str_starts_with($this->type, 'video/');
    }

    /** The hash of its file’s bytes. */
    public function sha256(): string
    {
        return substr((string) strrchr($this->file, ':'), 1);
    }

    /** @return list<Cue> those that fall into what is played, on a clock on which it begins at a moment */
    public function captionsFrom(float $begins): array
    {
        $cues = [];
        foreach ($this->captions as $cue) {
            [$from, $to] = [max($this->from, $cue->from), min($this->to, $cue->to)];
            if ($from < $to) {
                $cues[] = new Cue($begins + $from - $this->from, $begins + $to - $this->from, $cue->text);
            }
        }

        return $cues;
    }

    /** @return array<mixed> */
    public function toArray(): array
    {
        return ['captions' => array_map(static fn (Cue $cue): array => $cue->toArray(), $this->captions)] + get_object_vars($this);
    }
}
