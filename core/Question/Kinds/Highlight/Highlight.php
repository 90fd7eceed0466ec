<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Highlight;

use Closure;
use Daybright\Lesson\Fields;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\KnowsRightAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;
use Daybright\Question\Share;

/** Mark the words of a passage that are evidence. A mark counts when it has most of the evidence and not much more. */
final readonly class Highlight implements KnowsRightAnswer, QuestionKind
{
    /** @param  list<array{int, int}>  $evidence first and last word of each piece, from 0 */
    private function __construct(private string $passage, private array $evidence)
    {
    }

    public static function name(): string
    {
        return 'highlight';
    }

    public static function from(Fields $content): self
    {
        $evidence = array_map(
            static fn (Fields $range): array => [$range->whole('from', 0), max($range->whole('from', 0), $range->whole('to', 0))],
            $content->list('evidence'),
        );

        return new self($content->text('passage', ''), $evidence);
    }

    public function answer(): string
    {
        $words = $this->words();

        return implode(
            ' … ',
            array_map(
                static fn (array $range): string => '“'.trim(
                    implode(' ', array_slice($words, $range[0], $range[1] - $range[0] + 1)),
                    ' ,;.“”"',
                ).'”',
                $this->evidence,
            ),
        );
    }

    public function rightAnswer(): string
    {
        return GivenAnswer::written($this->wanted());
    }

    public function asked(): array
    {
        return ['passage' => $this->passage];
    }

    public function shown(): array
    {
        return [$this->passage];
    }

    public function mark(string $given, int $marks): Marking
    {
        $chosen = array_map(intval(...), GivenAnswer::list($given));
        if ($chosen === []) {
            throw InvalidAnswer::nothingMarked();
        }
        $wanted = $this->wanted();
        $found = array_filter(
            $this->evidence,
            static fn (array $range): bool => count(array_intersect(range($range[0], $range[1]), $chosen)) * 2 > $range[1] - $range[0] + 1,
        );
        $beyond = count(array_diff($chosen, $wanted));
        $isTooMuch = $beyond > max(3, count($wanted));
        $sentence = count($found).' of '.count($this->evidence).' pieces of evidence are marked'.($isTooMuch ? ', with many other words. Mark only what shows it.' : '. Look for the others.');

        return Share::award(count($found) - ($isTooMuch ? 1 : 0), count($this->evidence), $marks, $sentence);
    }

    public function readable(string $given): string
    {
        try {
            $chosen = array_map(intval(...), GivenAnswer::list($given));
        } catch (InvalidAnswer) {
            return $given;
        }
        sort($chosen);
        $words = $this->words();
        $excerpt = '';
        foreach ($chosen as $number => $word) {
            $excerpt .= ($number === 0 ? '' : ($word === $chosen[$number - 1] + 1 ? ' ' : ' … ')).($words[$word] ?? '');
        }

        return $excerpt;
    }

    public function unfinished(): ?string
    {
        $count = count($this->words());

        return match (true) {
            $count === 0 => 'This question has no passage yet.',
            $this->evidence === [] => 'No evidence is marked in the passage yet. Click its first and last word.',
            max(array_map(
                static fn (array $range): int => $range[1],
                $this->evidence,
            )) >= $count => 'The evidence lies beyond the end of the passage, since the text was changed. Mark it again.',
            default => null,
        };
    }

    /** A passage is marked word by word, as it stands. */
    public function inWords(Closure $plain): self
    {
        return $this;
    }

    /** @return list<int> numbers of all words of the evidence, from 0 */
    private function wanted(): array
    {
        return array_merge(...array_map(static fn (array $range): array => range($range[0], $range[1]), $this->evidence));
    }

    /** @return list<string> */
    private function words(): array
    {
        return preg_split('/\s+/u', $this->passage, -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
