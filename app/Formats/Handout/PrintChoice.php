<?php

declare(strict_types=1);

namespace App\Formats\Handout;

use App\Formats\WriterChoice;
use Daybright\Handout\Paper;

/** How pages are printed. */
final readonly class PrintChoice
{
    public function __construct(
        public Paper $paper,
        public bool $isGray = false,
        /** Whether slides that ask nothing are printed too. */
        public bool $hasAllSlides = false,
    ) {
    }

    /** @return list<WriterChoice> */
    public static function offered(bool $ofSlides): array
    {
        $slides = new WriterChoice('slides', 'Slides', [
            'tasks' => 'Those that ask, with room for the answer',
            'all' => 'All, small, with room to write beside them',
        ]);

        return [
            ...$ofSlides ? [$slides] : [],
            new WriterChoice('paper', 'Paper', ['a4' => 'A4', 'letter' => 'Letter']),
            new WriterChoice('print', 'Print', ['usual' => 'Usual size', 'large' => 'Large print']),
            new WriterChoice('colour', 'Colour', ['colour' => 'Colours', 'gray' => 'Grays']),
        ];
    }

    /** @param  array<string, string>  $chosen a value for each choice that is offered */
    public static function of(array $chosen): self
    {
        $paper = $chosen['paper'] === 'letter' ? Paper::letter() : Paper::a4();

        return new self(
            $chosen['print'] === 'large' ? $paper->large() : $paper,
            $chosen['colour'] === 'gray',
            ($chosen['slides'] ?? '') === 'all',
        );
    }
}
