<?php

declare(strict_types=1);

namespace Daybright\Figure\RhymeLines;

use Daybright\Figure\Chance;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\HasTask;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\LaidOutNarrow;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\Live\Target;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Figure\Varies;
use Daybright\Language\Rhyme;
use Daybright\Language\Syllables;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** Verse with a letter for the sound of each line's end. */
final readonly class RhymeLines implements HasTask, LaidOutNarrow, LiveFigure, Varies
{
    private const MOST_LINES = 14;

    /** Height of a line, twice for one that is turned over. */
    private const ROW = 42.0;

    private const GIVEN = 'given';

    /** Letters that can be given: one more than there are sounds, and no more than these. */
    private const LETTERS = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H'];

    /**
     * @param  non-empty-list<array{string, string}>  $lines verse and letter
     * @param  bool  $isBlank whether the letters are given while it is shown
     * @param  array<string, string>  $given letters by their line
     */
    private function __construct(public array $lines, public bool $isBlank, private array $given)
    {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'rhyme-lines',
            'Rhyme lines',
            'Mark which lines of a verse rhyme, and name the pattern',
            [Purpose::Sounds, Purpose::Read],
            [Subject::Language, Subject::EarlyReading],
            'poem poetry rhyme scheme couplet ballad stanza verse ABAB',
        );
    }

    public static function blank(): array
    {
        return [
            'verse' => "The shadow of the garden wall\nLies long upon the lawn;\nIt has not shortened much at all\nSince first the light of dawn.",
            'letters' => '',
            'view' => 'letters',
        ];
    }

    public static function fields(): array
    {
        return [
            Field::lines('verse', 'The verse, line by line'),
            Field::text('letters', 'Letters set by hand', 'A ? B ?: a question mark leaves a line to the dictionary'),
            Field::choice('view', 'The letters', [
                'letters' => 'appear sound by sound',
                'blanks' => 'are given by hand while it is shown',
            ]),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $verse = $reading->lines('verse', 'Lines of verse', 2, self::MOST_LINES, 70);
        $own = $reading->has('letters') ? self::own($reading->text('letters', 'The letters', 60), count($verse)) : [];
        $known = [];
        $lines = [];
        foreach ($verse as $number => $line) {
            if (Rhyme::lastWord($line) === '') {
                throw InvalidQuantities::because(
                    "“{$line}” ends without a word, so it cannot rhyme. Give every line a last word.",
                    'verse',
                );
            }
            $ending = Rhyme::ending($line);
            $letter = $own[$number] ?? $known[$ending] ?? chr(65 + count(array_unique([...array_values($known), ...array_values($own)])));
            while (
                ! isset($own[$number])
                && ! isset($known[$ending])
                && in_array($letter, [...array_values($known), ...array_values($own)], true)
            ) {
                $letter = chr(ord($letter) + 1);
            }
            // The teacher's letter also stands for the sound of its line.
            $known[$ending] ??= $letter;
            $lines[] = [$line, $letter];
        }
        if ($lines === []) {
            throw InvalidQuantities::because('Write at least two lines of verse.', 'verse');
        }

        $isBlank = $reading->choice('view', 'The letters', ['letters', 'blanks']) === 'blanks';
        $given = array_filter($quantities->map(self::GIVEN), static fn (string $letter): bool => in_array($letter, self::LETTERS, true));

        return new self($lines, $isBlank, $given);
    }

    public static function live(): array
    {
        return [self::GIVEN];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        $letters = array_slice(self::LETTERS, 0, count(array_unique(array_column($this->lines, 1))) + 1);
        $handles = [];
        foreach ($this->isBlank ? (new VerseDrawing($this, $box, $context))->places() : [] as $number => $place) {
            $change = fn (?string $letter): array => [self::GIVEN => [$this->lines[$number][0] => $letter]];
            $targets = array_map(static fn (string $letter): Target => new Target($letter, null, $change($letter)), $letters);
            $none = $this->givenTo($number) === '' ? [] : [new Target('No letter', null, $change(null))];
            $handles[] = Handle::press('line-'.($number + 1), 'Letter of line '.($number + 1), $place, [...$targets, ...$none]);
        }

        return $handles;
    }

    public function done(LiveFigure $before): string
    {
        $told = [];
        foreach ($before instanceof self ? $this->lines : [] as $number => [$line]) {
            $letter = $this->givenTo($number);
            if ($before instanceof self && $letter !== $before->givenTo($number)) {
                $told[$line] = $letter === '' ? "takes the letter off “{$line}”" : "gives “{$line}” the letter {$letter}";
            }
        }

        return implode(' and ', $told);
    }

    /** @return string empty where the line has no letter yet */
    public function givenTo(int $number): string
    {
        return $this->given[$this->lines[$number][0] ?? ''] ?? '';
    }

    public function facts(): array
    {
        $facts = [
            Fact::words('pattern', $this->pattern(), 'the letters in order'),
            Fact::words('form', $this->form(), 'the name of the pattern'),
            Fact::quantity('lines', Quantity::of(count($this->lines)), 'how many lines'),
            Fact::quantity(
                'rhymes',
                Quantity::of(count(array_filter(
                    array_count_values(array_column($this->lines, 1)),
                    static fn (int $count): bool => $count > 1,
                ))),
                'how many sounds come back',
            ),
        ];
        foreach ($this->lines as $number => [$line]) {
            $facts[] = Fact::quantity(
                'beats '.chr(97 + $number),
                Quantity::of(Syllables::countInLine($line)),
                'beats in line '.($number + 1),
            );
        }

        return $facts;
    }

    public function steps(): array
    {
        $steps = [new FigureStep('verse', 'the verse', 'Read the verse aloud and listen to the ends of the lines.')];
        foreach ($this->isBlank ? [] : array_values(array_unique(array_column($this->lines, 1))) as $letter) {
            $words = array_map(
                static fn (array $line): string => '“'.Rhyme::lastWord($line[0]).'”',
                array_values(array_filter($this->lines, static fn (array $line): bool => $line[1] === $letter)),
            );
            $script = count($words) === 1
                ? "{$words[0]} rhymes with no other line: it gets the letter {$letter}."
                : implode(' and ', $words)." rhyme: they get the letter {$letter}.";
            $steps[] = new FigureStep('letter-'.strtolower($letter), "letter {$letter}", $script);
        }
        $steps[] = new FigureStep('form', 'the pattern', "The pattern is {$this->pattern()}: {$this->form()}.");

        return $steps;
    }

    public function smallest(): Box
    {
        $longest = max(array_map(static fn (array $line): int => mb_strlen($line[0]), $this->lines));

        return new Box(0, 0, min(1430.0, max(550.0, 110 + 17.5 * $longest)), max(300.0, 60 + self::ROW * count($this->lines)));
    }

    public function narrowest(): Box
    {
        return new Box(0, 0, 550, max(300.0, 100 + 2 * self::ROW * count($this->lines)));
    }

    public function scene(Box $box, RenderContext $context): array
    {
        return (new VerseDrawing($this, $box, $context))->pieces();
    }

    public function words(): string
    {
        return 'A verse of '.count($this->lines).' lines: '.implode(' / ', array_column($this->lines, 0));
    }

    public function task(): array
    {
        return [
            'type' => 'letters',
            'prompt' => 'Give each line a letter: lines that rhyme get the same one.',
            'marks' => max(1, min(5, intdiv(count($this->lines), 2))),
            'lines' => array_map(
                static fn (array $line, int $number): array => ['id' => 'line-'.($number + 1), 'text' => $line[0], 'letter' => $line[1]],
                $this->lines,
                array_keys($this->lines),
            ),
        ];
    }

    /** Level 1 has rhymes that are spelled alike, level 2 rhymes that are not, level 3 words that only look as if they rhymed. */
    public function vary(int $seed, int $level): Variation
    {
        return (new RhymePractice(Chance::seeded($seed, $level), $level))->item();
    }

    public function pattern(): string
    {
        return implode('', array_column($this->lines, 1));
    }

    public function form(): string
    {
        return VerseForm::named($this->pattern());
    }

    /** @return array<int, string> number of the line => letter */
    private static function own(string $typed, int $lines): array
    {
        $letters = str_split(strtoupper((string) preg_replace('/[^A-Za-z?]/', '', $typed)));
        if (count($letters) !== $lines) {
            throw InvalidQuantities::because(
                'There are '
                    .count($letters)
                    ." letters for {$lines} lines. Give one for each line, or a question mark where the dictionary should decide.",
                'letters',
            );
        }

        return array_filter($letters, static fn (string $letter): bool => $letter !== '?');
    }
}
