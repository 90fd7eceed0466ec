<?php

declare(strict_types=1);

namespace Daybright\Block\Question;

use Daybright\Block\AnotherItem;
use Daybright\Block\AsksAgain;
use Daybright\Block\AsksQuestion;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\LayoutBounds;
use Daybright\Block\ShowsPictures;
use Daybright\Block\SpreadsOut;
use Daybright\Block\Stops;
use Daybright\Block\Unfinished;
use Daybright\Block\WrittenInPlace;
use Daybright\Lesson\Fields;
use Daybright\Question\Question;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** A question, which stops the lesson unless the teacher wants otherwise. */
final readonly class QuestionBlock implements AsksAgain, AsksQuestion, ShowsPictures, SpreadsOut, Stops, Unfinished, WrittenInPlace
{
    private const MARGIN = 28.0;

    private const GAP = 22.0;

    /** From this many letters on, a question is no headline. */
    private const LONG = 110;

    private const SIGN = 'Stop and try';

    /** The largest type of that sign. */
    private const PILL = 34.0;

    private function __construct(private Question $question)
    {
    }

    public static function name(): string
    {
        return 'question';
    }

    public static function label(): string
    {
        return 'Question';
    }

    public static function blank(): array
    {
        return [
            'type' => 'choice',
            'prompt' => '',
            'marks' => 1,
            'hint' => '',
            'stops' => true,
            'choices' => [['id' => 'a', 'text' => '', 'right' => true], ['id' => 'b', 'text' => '', 'right' => false]],
        ];
    }

    public static function answerPiece(): string
    {
        return 'answer';
    }

    public static function from(Fields $content): self
    {
        return new self(Question::from($content));
    }

    public function another(int $seed, int $level): ?AnotherItem
    {
        $item = $this->question->another($seed, $level);

        return $item === null ? null : new AnotherItem($item);
    }

    public function pieces(): array
    {
        return [new BlockPiece(self::answerPiece(), 'the answer', 'The answer is '.$this->spoken($this->question->answer()))];
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $measured = $this->set($bounds, 0.0);
        $gaps = count($this->question->choices()) / 2 + count($this->question->shown()) + 2;
        $spread = $bounds->spread($measured->height, $gaps, $bounds->size * 0.8);

        return $spread > 0 ? $this->set($bounds, $spread) : $measured;
    }

    /** @param  float  $spread added to every gap */
    private function set(LayoutBounds $bounds, float $spread): BlockLayout
    {
        $question = $this->question;
        $prompt = $bounds->text($question->prompt, $this->promptScale(), Paint::INK, true, null, 0);
        $shapes = $prompt->shapes(0, 0);
        $y = $prompt->height() + self::GAP + $spread;
        $choices = ChoiceCards::set($question->choices(), $question->choicePictures(), $bounds, $y, self::GAP + $spread / 2);
        if ($choices !== null) {
            array_push($shapes, ...$choices->shapes());
            $y = $choices->bottom() + self::GAP + $spread;
        }
        foreach ($question->shown() as $line) {
            $text = $bounds->text($line, 0.95, Paint::INK, false, null, 0);
            array_push($shapes, ...$text->shapes(0, $y));
            $y += $text->height() + self::GAP / 2 + $spread;
        }
        $y += $question->shown() === [] ? 0.0 : self::GAP / 2;
        [$height, $footer] = $this->footer($bounds, $y);
        array_push($shapes, ...$footer);
        $y += $height;
        $fields = [$prompt->field('prompt', 'Question', 0, 0), ...$choices?->fields() ?? []];
        $right = $choices?->ringed($question->rightChoices()) ?? [];
        if ($right !== []) {
            return new BlockLayout($y, [BlockPiece::MAIN => $shapes, self::answerPiece() => $right], [], $fields);
        }
        $answer = $bounds->text(
            $question->answer() === '' ? '…' : $question->answer(),
            1,
            Paint::INK,
            true,
            $bounds->width - 2 * self::MARGIN,
            0,
        );
        $frame = new Box(
            0,
            $y + self::GAP + $spread / 2,
            $answer->lineCount() > 1 ? $bounds->width : min($bounds->width, $answer->width() + 2 * self::MARGIN),
            $answer->height() + self::MARGIN,
        );

        return new BlockLayout($frame->bottom(), [
            BlockPiece::MAIN => $shapes,
            self::answerPiece() => [
                Shape::rectangle($frame, Paint::outlined($bounds->context->strong, 4, Paint::CARD), $bounds->context->cards->corner),
                ...$answer->shapes(self::MARGIN, $frame->y + self::MARGIN / 2),
            ],
        ], [], $fields);
    }

    /** A long question is set as text, a short one as a headline. */
    private function promptScale(): float
    {
        return mb_strlen($this->question->prompt) > self::LONG ? 1.0 : LayoutBounds::HEADLINE;
    }

    /**
     * That the lesson stops here, and what the question is worth.
     *
     * @return array{float, list<Shape>} how high it is, and its shapes
     */
    private function footer(LayoutBounds $bounds, float $y): array
    {
        $question = $this->question;
        $marks = $question->marks === 1 ? '1 mark' : $question->marks.' marks';
        $context = $bounds->context;
        $size = max(Typesetter::SMALLEST, min(self::PILL, $bounds->size * LayoutBounds::SMALL));
        $style = new TextStyle($size, Paint::QUIET);
        $height = $size * 1.8;
        $baseline = $y + $height / 2 + $size * 0.36;
        if (! $question->stops) {
            return [$height, [$context->type->label($marks, 0, $baseline, $style)]];
        }
        $sign = new TextStyle($size, Paint::CARD, true);
        $pill = new Box(0, $y, $context->type->width(self::SIGN, $sign) + $height * 1.2, $height);

        return [$height, [
            Shape::rectangle($pill, Paint::filled($context->strong), $height / 2),
            $context->type->label(self::SIGN, $height * 0.6, $baseline, $sign),
            $context->type->label($marks, $pill->right() + 24, $baseline, $style),
        ]];
    }

    public function words(RenderContext $context): array
    {
        $question = $this->question;
        $choices = [];
        foreach ($question->choices() as $number => $choice) {
            $picture = $context->pictures[$question->choicePictures()[$number] ?? ''] ?? null;
            $said = array_filter([$context->spoken($choice), $picture === null ? '' : 'Picture: '.$picture->description]);
            $choices[] = chr(65 + $number).': '.implode('. ', $said);
        }

        return [
            BlockPiece::MAIN => trim(
                $context->spoken($question->prompt).' '.implode(
                    '. ',
                    [...$choices, ...array_map($context->spoken(...), $question->shown())],
                ),
            ),
            self::answerPiece() => 'The answer is '.$this->spoken($context->spoken($question->answer())),
        ];
    }

    public function statements(): array
    {
        return $this->question->statements();
    }

    public function media(): array
    {
        return $this->question->media();
    }

    public function question(): Question
    {
        return $this->question;
    }

    public function missing(): ?string
    {
        return $this->question->unfinished();
    }

    public function waits(): ?int
    {
        return $this->question->stops ? $this->question->seconds() : null;
    }

    public function asks(): string
    {
        return $this->question->prompt;
    }

    private function spoken(string $answer): string
    {
        return $answer === '' ? '…' : rtrim($answer, '.').'.';
    }
}
