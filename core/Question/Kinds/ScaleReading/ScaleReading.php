<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\ScaleReading;

use Daybright\Lesson\Fields;
use Daybright\Question\Kinds\NumberWithUnit\NumberWithUnit;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;

/** Read a scale: a number with its unit, right within half a division either way. */
final readonly class ScaleReading implements QuestionKind
{
    private NumberWithUnit $number;

    public function __construct()
    {
        $this->number = new NumberWithUnit;
    }

    public function name(): string
    {
        return 'reading';
    }

    public function answer(Fields $content): string
    {
        $half = trim($content->text('tolerance', ''));

        return $this->number->answer($content).($half === '' ? '' : " (within {$half})");
    }

    public function asked(Fields $content): array
    {
        return [];
    }

    public function shown(Fields $content): array
    {
        return [];
    }

    public function mark(Fields $content, string $given): Marking
    {
        $marking = $this->number->mark($content, $given);

        return $marking->earned === 0
            ? Marking::wrong($marking->outOf, 'Not yet. Find out what one division is worth, then count on from the number below.')
            : $marking;
    }

    public function readable(Fields $content, string $given): string
    {
        return $this->number->readable($content, $given);
    }

    public function unfinished(Fields $content): ?string
    {
        return $this->number->unfinished($content);
    }
}
