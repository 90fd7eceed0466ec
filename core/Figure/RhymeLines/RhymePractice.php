<?php

declare(strict_types=1);

namespace Daybright\Figure\RhymeLines;

use Daybright\Figure\Chance;
use Daybright\Figure\Variation;
use Daybright\Language\Rhyme;

/** Patterns to be heard: words that rhyme and are spelled alike, that rhyme and are not, and that only look as if they did. */
final readonly class RhymePractice
{
    private const SPELLED_ALIKE = [
        ['cat', 'hat', 'mat'], ['sun', 'run', 'fun'], ['day', 'play', 'way'], ['night', 'light', 'bright'], ['ring', 'sing', 'king'],
        ['boat', 'coat', 'goat'], ['tree', 'see', 'bee'], ['snow', 'grow', 'blow'], ['bell', 'well', 'shell'], ['lake', 'cake', 'wake'],
    ];

    private const SPELLED_APART = [
        ['June', 'moon', 'tune'], ['bear', 'care', 'hair'], ['sky', 'high', 'pie'], ['blue', 'shoe', 'two'], ['rain', 'lane', 'reign'],
        ['sea', 'key', 'tree'], ['white', 'night', 'kite'], ['word', 'bird', 'heard'], ['bread', 'said', 'red'], ['stone', 'grown', 'loan'],
    ];

    private const ONLY_LOOK_ALIKE = [
        ['love', 'move'],
        ['cough', 'tough'],
        ['comb', 'tomb'],
        ['heard', 'beard'],
        ['food', 'good'],
        ['bone', 'gone'],
        ['wear', 'near'],
        ['now', 'low'],
        ['daughter', 'laughter'],
        ['lost', 'most'],
    ];

    /** Patterns of four lines, and how they come to be heard where they are not. */
    private const PATTERNS = [
        'AABB' => 'Lines next to each other were taken for rhymes.',
        'ABAB' => 'Lines 1 and 3 were taken for a rhyme, and lines 2 and 4: say all of them aloud.',
        'ABBA' => 'The outer lines were taken for a rhyme, and the inner ones.',
        'ABCB' => 'Only lines 2 and 4 were heard: listen to lines 1 and 3.',
        'ABAC' => 'Only lines 1 and 3 were heard: listen to lines 2 and 4.',
    ];

    private const PLACES = ['first', 'second', 'third', 'fourth'];

    public function __construct(private Chance $chance, private int $level)
    {
    }

    public function item(): Variation
    {
        [$pattern, $words] = $this->level === 3 ? $this->onlyLookingAlike() : $this->rhyming();
        $verse = implode(
            "\n",
            array_map(static fn (string $place, string $word): string => "The {$place} line ends in {$word}", self::PLACES, $words),
        );
        $slips = [];
        foreach (array_diff_key(self::PATTERNS, [$pattern => '']) as $other => $why) {
            $slips[$why] = $other;
        }

        return Variation::ask(
            ['verse' => $verse, 'letters' => ''],
            'Four lines end in '.implode(', ', $words).'. Which pattern do they make?',
            $pattern,
            $slips,
        );
    }

    /** @return array{string, list<string>} */
    private function rhyming(): array
    {
        [$one, $other] = $this->chance->shuffled($this->level === 1 ? self::SPELLED_ALIKE : self::SPELLED_APART);
        [$one, $other] = [$this->chance->shuffled($one), $this->chance->shuffled($other)];
        $pattern = $this->chance->one(['AABB', 'ABAB', 'ABBA']);
        $waiting = ['A' => $one, 'B' => $other];
        $words = [];
        foreach (str_split($pattern) as $letter) {
            $words[] = (string) array_shift($waiting[$letter]);
        }

        return [$pattern, $words];
    }

    /**
     * Two lines that rhyme, and two that only look as if they did.
     *
     * @return array{string, list<string>}
     */
    private function onlyLookingAlike(): array
    {
        $rhyme = $this->chance->shuffled($this->chance->one(self::SPELLED_APART));
        $trap = $this->chance->one(self::ONLY_LOOK_ALIKE);
        // A rhyme with one of the trap would be a third line of its sound.
        while (in_array(Rhyme::ending($rhyme[0]), array_map(Rhyme::ending(...), $trap), true)) {
            $trap = $this->chance->one(self::ONLY_LOOK_ALIKE);
        }

        return $this->chance->whole(0, 1) === 0
            ? ['ABCB', [$trap[0], $rhyme[0], $trap[1], $rhyme[1]]]
            : ['ABAC', [$rhyme[0], $trap[0], $rhyme[1], $trap[1]]];
    }
}
