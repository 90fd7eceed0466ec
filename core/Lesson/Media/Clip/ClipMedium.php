<?php

declare(strict_types=1);

namespace Daybright\Lesson\Media\Clip;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Media\Medium;

/** A short film or sound. */
final readonly class ClipMedium extends Medium
{
    private const FILM = 'video/mp4';

    /** Its length. */
    public float $seconds;

    /** How loud it is from its beginning to its end, a digit for each of many equal stretches; empty where it has no sound. */
    public string $wave;

    public function __construct(string $id, Fields $fields)
    {
        parent::__construct($id, $fields);
        $this->seconds = $fields->number('seconds');
        $this->wave = $fields->text('wave', '');
    }

    public static function kind(): string
    {
        return 'clip';
    }

    public static function types(): array
    {
        return [self::FILM, 'audio/mp4'];
    }

    public function isFilm(): bool
    {
        return $this->type === self::FILM;
    }

    public function isHeard(): bool
    {
        return $this->wave !== '';
    }
}
