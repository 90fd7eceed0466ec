<?php

declare(strict_types=1);

namespace Daybright\Block\Question;

use Daybright\Block\AsksQuestion;
use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\LayoutBounds;
use Daybright\Block\ShowsPictures;
use Daybright\Block\Stops;
use Daybright\Block\Unfinished;
use Daybright\Lesson\Fields;
use Daybright\Question\Question;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A question, which stops the lesson unless the teacher wants otherwise. */
final readonly class QuestionBlock implements AsksQuestion, BlockContent, ShowsPictures, Stops, Unfinished
{
    private const MARGIN = 24.0;

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

    public function pieces(): array
    {
        return [new BlockPiece(self::answerPiece(), 'the answer', 'The answer is '.$this->spoken($this->question->answer()))];
    }

    public function leastHeight(): ?float
    {
        return null;
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $question = $this->question;
        $width = $bounds->width - 2 * self::MARGIN;
        $marks = $question->marks === 1 ? '1 mark' : $question->marks.' marks';
        $prompt = $bounds->text($question->prompt, 1, Paint::INK, false, $width);
        $y = self::MARGIN;
        $shapes = $prompt->shapes(self::MARGIN, $y);
        $y += $prompt->height();
        foreach ($question->choices() as $number => $choice) {
            $y += 10;
            $text = $bounds->text($choice, 0.95, Paint::INK, false, $width - 62);
            $height = max(48.0, $text->height());
            array_push($shapes, ...$this->letter(chr(65 + $number), self::MARGIN + 24, $y + min(24.0, $height / 2), $bounds));
            array_push($shapes, ...$text->shapes(self::MARGIN + 62, $y + max(0.0, (48 - $text->height()) / 2)));
            $y += $height;
        }
        foreach ($question->shown() as $line) {
            $y += 6;
            $text = $bounds->text($line, 0.95, Paint::INK, false, $width);
            array_push($shapes, ...$text->shapes(self::MARGIN, $y));
            $y += $text->height();
        }
        $small = $bounds->text($marks, 0.8, Paint::QUIET, true, $width);
        $y += 8;
        array_push($shapes, ...$small->shapes(self::MARGIN, $y));
        $y += $small->height();
        $answer = $bounds->text(
            '*Answer:* '.($question->answer() === '' ? '…' : $question->answer()),
            1,
            $bounds->context->strong,
            false,
            $width,
        );
        $answerTop = $y + 8;
        $y = $answerTop + $answer->height() + self::MARGIN * 0.6;
        $card = Shape::rectangle(new Box(0, 0, $bounds->width, $y), Paint::outlined($bounds->context->strong, 3, '#FFFFFF'), 12);

        return new BlockLayout($y, [
            BlockPiece::MAIN => [$card, ...$shapes],
            self::answerPiece() => $answer->shapes(self::MARGIN, $answerTop),
        ]);
    }

    public function words(RenderContext $context): array
    {
        $question = $this->question;
        $choices = [];
        foreach ($question->choices() as $number => $choice) {
            $choices[] = chr(65 + $number).': '.$context->spoken($choice);
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

    /** @return list<Shape> */
    private function letter(string $letter, float $x, float $y, LayoutBounds $bounds): array
    {
        $style = new TextStyle(28, $bounds->context->strong, true, 0.5);

        return [
            Shape::circle($x, $y, 23, Paint::outlined($bounds->context->strong, 3, $bounds->context->tint)),
            $bounds->context->type->label($letter, $x, $y + 10, $style),
        ];
    }

    private function spoken(string $answer): string
    {
        return $answer === '' ? '…' : rtrim($answer, '.').'.';
    }
}
