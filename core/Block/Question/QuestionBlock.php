<?php

declare(strict_types=1);

namespace Daybright\Block\Question;

use Daybright\Block\AsksQuestion;
use Daybright\Block\BlockKind;
use Daybright\Block\Piece;
use Daybright\Block\ShowsPictures;
use Daybright\Block\Statement;
use Daybright\Block\Stops;
use Daybright\Block\Unfinished;
use Daybright\Lesson\Fields;
use Daybright\Question\Question;
use Daybright\Scene\Box;
use Daybright\Scene\Layout;
use Daybright\Scene\Paint;
use Daybright\Scene\Room;
use Daybright\Scene\Setting;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A question, which stops the lesson unless the teacher wants otherwise. */
final readonly class QuestionBlock implements AsksQuestion, BlockKind, ShowsPictures, Stops, Unfinished
{
    private const MARGIN = 24.0;

    public function name(): string
    {
        return 'question';
    }

    public function label(): string
    {
        return 'Question';
    }

    public function blank(): array
    {
        return ['type' => 'choice', 'prompt' => '', 'marks' => 1, 'hint' => '', 'stops' => true, 'choices' => [['id' => 'a', 'text' => '', 'right' => true], ['id' => 'b', 'text' => '', 'right' => false]]];
    }

    public function pieces(Fields $content): array
    {
        return [new Piece('answer', 'the answer', 'The answer is '.$this->spoken(Question::from($content)->answer()))];
    }

    public function leastHeight(Fields $content): ?float
    {
        return null;
    }

    public function layout(Fields $content, Room $room): Layout
    {
        $question = Question::from($content);
        $width = $room->width - 2 * self::MARGIN;
        $marks = $question->marks() === 1 ? '1 mark' : $question->marks().' marks';
        $prompt = $room->text($question->prompt(), 1, Paint::INK, false, $width);
        $y = self::MARGIN;
        $shapes = $prompt->shapes(self::MARGIN, $y);
        $y += $prompt->height();
        if ($question->type() === 'choice') {
            foreach ($content->list('choices') as $number => $choice) {
                $y += 10;
                $text = $room->text($choice->text('text', ''), 0.95, Paint::INK, false, $width - 62);
                $height = max(48.0, $text->height());
                array_push($shapes, ...$this->letter(chr(65 + $number), self::MARGIN + 24, $y + min(24.0, $height / 2), $room));
                array_push($shapes, ...$text->shapes(self::MARGIN + 62, $y + max(0.0, (48 - $text->height()) / 2)));
                $y += $height;
            }
        }
        foreach ($question->shown() as $line) {
            $y += 6;
            $text = $room->text($line, 0.95, Paint::INK, false, $width);
            array_push($shapes, ...$text->shapes(self::MARGIN, $y));
            $y += $text->height();
        }
        $small = $room->text($marks, 0.8, Paint::QUIET, true, $width);
        $y += 8;
        array_push($shapes, ...$small->shapes(self::MARGIN, $y));
        $y += $small->height();
        $answer = $room->text('*Answer:* '.($question->answer() === '' ? '…' : $question->answer()), 1, $room->setting->strong(), false, $width);
        $answerTop = $y + 8;
        $y = $answerTop + $answer->height() + self::MARGIN * 0.6;
        $card = Shape::rectangle(new Box(0, 0, $room->width, $y), Paint::outlined($room->setting->strong(), 3, '#FFFFFF'), 12);

        return new Layout($y, [Piece::MAIN => [$card, ...$shapes], 'answer' => $answer->shapes(self::MARGIN, $answerTop)]);
    }

    public function words(Fields $content, Setting $setting): array
    {
        $question = Question::from($content);
        $choices = [];
        foreach ($question->type() === 'choice' ? $content->list('choices') : [] as $number => $choice) {
            $choices[] = chr(65 + $number).': '.$setting->spoken($choice->text('text', ''));
        }

        return [
            Piece::MAIN => trim($setting->spoken($question->prompt()).' '.implode('. ', [...$choices, ...array_map($setting->spoken(...), $question->shown())])),
            'answer' => 'The answer is '.$this->spoken($setting->spoken($question->answer())),
        ];
    }

    public function statements(Fields $content): array
    {
        $statements = [new Statement($content->text('prompt', ''), 'prompt'), new Statement($content->text('hint', ''), 'hint')];
        foreach ($content->list('choices') as $number => $choice) {
            // A wrong answer to choose is meant to be wrong.
            if ($choice->flag('right')) {
                $statements[] = new Statement($choice->text('text', ''), "choices/{$number}/text");
            }
        }
        if ($content->text('type') === 'text') {
            $statements[] = new Statement($content->text('value', ''), 'value');
        }

        return $statements;
    }

    public function media(Fields $content): array
    {
        $items = array_map(static fn (Fields $item): string => $item->text('picture', ''), $content->list('items'));

        return array_values(array_filter([$content->text('picture', ''), ...$items]));
    }

    public function question(Fields $content): Question
    {
        return Question::from($content);
    }

    public function missing(Fields $content): ?string
    {
        return Question::from($content)->unfinished();
    }

    public function waits(Fields $content): ?int
    {
        $question = Question::from($content);

        return $question->stops() ? $question->seconds() : null;
    }

    public function asks(Fields $content): string
    {
        return Question::from($content)->prompt();
    }

    /** @return list<Shape> */
    private function letter(string $letter, float $x, float $y, Room $room): array
    {
        $style = new TextStyle(28, $room->setting->strong(), true, 0.5);

        return [Shape::circle($x, $y, 23, Paint::outlined($room->setting->strong(), 3, $room->setting->tint())), $room->setting->type->label($letter, $x, $y + 10, $style)];
    }

    private function spoken(string $answer): string
    {
        return $answer === '' ? '…' : rtrim($answer, '.').'.';
    }
}
