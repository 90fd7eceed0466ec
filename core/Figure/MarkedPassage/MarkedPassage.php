<?php

declare(strict_types=1);

namespace Daybright\Figure\MarkedPassage;

use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Control;
use Daybright\Figure\Form\Field;
use Daybright\Figure\HasTask;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\Live\Target;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Language\Phrase;
use Daybright\Language\ReadingLevel;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** A passage with line numbers; the evidence for each question is marked by colour and by pattern. */
final readonly class MarkedPassage implements HasTask, LiveFigure
{
    private const LONGEST = 1200;

    private const MOST_QUESTIONS = 3;

    private const FOUND = 'found';

    /**
     * @param  list<list<string>>  $paragraphs words of each
     * @param  list<string>  $questions
     * @param  list<array{from: int, to: int, question: int}>  $marks numbers of words, counted through the passage
     * @param  array<string, string>  $found number of the question by the words that were marked for it while it is shown
     */
    private function __construct(
        private string $passage,
        public array $paragraphs,
        public array $questions,
        public array $marks,
        private array $found,
    ) {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'marked-passage',
            'Marked passage',
            'Number the lines of a text and mark the evidence for a question',
            [Purpose::Read],
            [Subject::Language, Subject::History, Subject::EarlyReading, Subject::Science],
            'text evidence highlight quotation close reading comprehension source line numbers',
        );
    }

    public static function blank(): array
    {
        return [
            'passage' => "At noon the old woman came out and stood beside the post. Her shadow lay at her feet, short as a sleeping cat. “Not yet,” she said, and went back in.\nShe did not come again until the shadow reached the gate.",
            'questions' => "How do we know it was the middle of the day?\nWhat is she waiting for?",
            'marks' => [
                ['from' => 1, 'to' => 1, 'question' => 0],
                ['from' => 12, 'to' => 18, 'question' => 0],
                ['from' => 38, 'to' => 41, 'question' => 1],
            ],
        ];
    }

    public static function fields(): array
    {
        return [
            Field::lines('passage', 'Passage'),
            Field::lines('questions', 'Questions, one on a line', 'How do we know …?'),
            Field::special(
                Control::Passage,
                'marks',
                'Evidence',
                'Choose a question, then click the first and the last word of its evidence',
            ),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $passage = $reading->text('passage', 'The passage', self::LONGEST);
        $paragraphs = array_map(
            static fn (string $line): array => preg_split('/\s+/u', $line, -1, PREG_SPLIT_NO_EMPTY) ?: [],
            $reading->lines('passage', 'Paragraphs', 1, 8, self::LONGEST),
        );
        $questions = $reading->lines('questions', 'Questions', 0, self::MOST_QUESTIONS, 80);
        $words = array_sum(array_map(count(...), $paragraphs));
        $marks = [];
        foreach ($reading->items('marks') as $mark) {
            [$from, $to, $question] = [$mark->raw()['from'] ?? null, $mark->raw()['to'] ?? null, $mark->raw()['question'] ?? null];
            if (! is_int($from) || ! is_int($to) || ! is_int($question) || $from < 0 || $to < $from || $to >= $words) {
                throw InvalidQuantities::because(
                    'A mark lies beyond the end of the passage, since the text was changed. Take the mark away or set it again.',
                    'marks',
                );
            }
            if (! isset($questions[$question])) {
                throw InvalidQuantities::because(
                    'A mark belongs to a question that is no longer there. Take the mark away or write the question again.',
                    'marks',
                );
            }
            $marks[] = ['from' => $from, 'to' => $to, 'question' => $question];
        }

        return new self($passage, $paragraphs, $questions, $marks, $quantities->map(self::FOUND));
    }

    public static function live(): array
    {
        return [self::FOUND];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        $drawing = new PassageDrawing($this, $box, $context);
        $options = $words = [];
        foreach ($this->questions as $number => $question) {
            $change = [self::FOUND => [Handle::WORDS => (string) $number]];
            $options[] = new Target('Evidence: '.mb_strimwidth($question, 0, 40, '…'), null, $change);
        }
        foreach ($drawing->words() as [$word, $place]) {
            $words[] = new Target(Phrase::word($word), $place, []);
        }
        if ($options === [] || $words === []) {
            return [];
        }
        $handles = [Handle::sweep('passage', 'Mark evidence', $words, $options)];
        foreach ($this->found() as $phrase => $mark) {
            foreach ($drawing->placesOf($mark) as $line => $place) {
                $off = new Target('Take the mark off', null, [self::FOUND => [$phrase => null]]);
                $handles[] = Handle::press("{$phrase}-{$line}", "“{$phrase}”", $place, [$off]);
            }
        }

        return $handles;
    }

    public function done(LiveFigure $before): string
    {
        $told = [];
        $was = $before instanceof self ? $before->found() : [];
        foreach ($this->found() as $phrase => $mark) {
            if ($mark['question'] !== ($was[$phrase]['question'] ?? null)) {
                $told[] = "marks “{$phrase}” as evidence for “{$this->questions[$mark['question']]}”";
            }
        }
        foreach (array_keys(array_diff_key($was, $this->found())) as $phrase) {
            $told[] = "takes the mark off “{$phrase}”";
        }

        return implode(' and ', $told);
    }

    /** @return array<string, array{from: int, to: int, question: int}> what was marked while it is shown, by its words */
    public function found(): array
    {
        $words = array_map(Phrase::word(...), array_merge(...$this->paragraphs));
        $marks = [];
        foreach ($this->found as $phrase => $question) {
            $place = Phrase::find($words, (string) $phrase);
            if ($place !== null && isset($this->questions[(int) $question])) {
                $marks[$phrase] = ['from' => $place[0], 'to' => $place[1], 'question' => (int) $question];
            }
        }

        return $marks;
    }

    public function facts(): array
    {
        $level = ReadingLevel::measure($this->passage);
        $facts = [];
        if ($level !== null) {
            $facts = [
                Fact::quantity('words', Quantity::of($level->words), 'how many words'),
                Fact::quantity('sentences', Quantity::of($level->sentences), 'how many sentences'),
                Fact::quantity(
                    'ease',
                    Quantity::approximately(round($level->ease(), 1)),
                    'Flesch reading ease: 100 is very easy, 0 very hard',
                ),
                Fact::quantity(
                    'grade',
                    Quantity::approximately(round($level->grade(), 1)),
                    'Flesch–Kincaid grade: the school year of its readers',
                ),
            ];
        }
        foreach (array_keys($this->questions) as $question) {
            $facts[] = Fact::words(
                'evidence '.chr(97 + $question),
                $this->evidence($question) ?: 'none yet',
                'the evidence for question '.($question + 1),
            );
        }

        return $facts;
    }

    public function steps(): array
    {
        $steps = [new FigureStep('passage', 'the passage', 'Read the passage through once.')];
        foreach ($this->questions as $number => $question) {
            $evidence = $this->evidence($number);
            $steps[] = new FigureStep(
                'question-'.($number + 1),
                'evidence for question '.($number + 1),
                rtrim($question, '?. ').'? '.($evidence === '' ? 'Look for it in the text.' : "The text says “{$evidence}”."),
            );
        }

        return $steps;
    }

    public function smallest(): Box
    {
        foreach ([550.0, 700.0, 900.0, 1150.0] as $width) {
            $height = PassageDrawing::leastHeight($this, $width);
            if ($height <= 640) {
                return new Box(0, 0, $width, max(300.0, $height));
            }
        }

        return new Box(0, 0, 1430, min(655.0, PassageDrawing::leastHeight($this, 1430)));
    }

    public function scene(Box $box, RenderContext $context): array
    {
        return (new PassageDrawing($this, $box, $context))->pieces();
    }

    public function words(): string
    {
        return 'A passage: '.implode(' ', array_map(static fn (array $words): string => implode(' ', $words), $this->paragraphs));
    }

    public function task(): array
    {
        $words = array_merge(...$this->paragraphs);
        $marks = array_values(array_filter($this->marks, static fn (array $mark): bool => $mark['question'] === 0));

        return [
            'type' => 'highlight', 'prompt' => 'Mark the words that show it: '
                .($this->questions[0] ?? 'which words matter most?'), 'marks' => max(1, min(4, count($marks))), 'passage' => $this->passage,
            'evidence' => array_map(
                static fn (array $mark): array => ['from' => $mark['from'], 'to' => min($mark['to'], count($words) - 1)],
                $marks,
            ),
        ];
    }

    public function evidence(int $question): string
    {
        $words = array_merge(...$this->paragraphs);
        $pieces = array_map(
            static fn (array $mark): string => trim(
                implode(' ', array_slice($words, $mark['from'], $mark['to'] - $mark['from'] + 1)),
                ' ,;.“”"',
            ),
            array_values(array_filter($this->marks, static fn (array $mark): bool => $mark['question'] === $question)),
        );

        return implode(' … ', $pieces);
    }
}
