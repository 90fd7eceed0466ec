<?php

declare(strict_types=1);

namespace Daybright\Question;

/** What marking an answer came to. */
final readonly class Marking
{
    /**
     * @param  int|null  $earned marks, null while the teacher has yet to mark it
     * @param  string  $sentence for the student
     * @param  string|null  $slip what went wrong, where the answer is one that a known slip gives
     */
    private function __construct(public ?int $earned, public int $outOf, public string $sentence, public ?string $slip = null)
    {
    }

    public static function right(int $marks): self
    {
        return new self($marks, $marks, 'That is right.');
    }

    public static function partly(int $earned, int $marks, string $sentence): self
    {
        return new self($earned, $marks, $sentence);
    }

    public static function wrong(int $marks, string $sentence): self
    {
        return new self(0, $marks, $sentence);
    }

    public static function slipped(int $marks, string $slip): self
    {
        return new self(0, $marks, 'Not yet. '.rtrim($slip, '.').'.', $slip);
    }

    /** With what went wrong, for the teacher. */
    public function because(string $slip): self
    {
        return new self($this->earned, $this->outOf, $this->sentence, $slip === '' ? null : $slip);
    }

    public static function forTheTeacher(int $marks): self
    {
        return new self(null, $marks, 'Your teacher will read this. Compare it with the answer.');
    }

    public function isRight(): ?bool
    {
        return $this->earned === null ? null : $this->earned === $this->outOf;
    }
}
