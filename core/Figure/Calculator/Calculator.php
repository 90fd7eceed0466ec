<?php

declare(strict_types=1);

namespace Daybright\Figure\Calculator;

use Daybright\Figure\Drawing\Table;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\Live\Target;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Lesson\Fields;
use Daybright\Maths\MathsError;
use Daybright\Maths\Parser;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** Keys, a display, and a strip of what was worked out: sums are typed while it is shown, and are always right. */
final readonly class Calculator implements LiveFigure
{
    private const MOST_LINES = 5;

    /** One line of the strip is left for what is typed. */
    private const MOST_SUMS = 4;

    private const LONGEST = 40;

    private const TYPED = 'typed';

    private const KEYS = [['7', '8', '9', '÷'], ['4', '5', '6', '×'], ['1', '2', '3', '−'], ['0', '.', '=', '+']];

    private const DISPLAY = 92.0;

    private const LINE = 50.0;

    private const GAP = 12.0;

    /** How much of the width the keys take; the strip has the rest. */
    private const KEYBOARD = 0.56;

    /**
     * @param  list<array{string, string}>  $sums that the teacher wrote beforehand, each with what it comes to
     * @param  list<array{string, string}>  $typed while it is shown; empty where a sum could not be worked out
     */
    private function __construct(private array $sums, private array $typed)
    {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'calculator',
            'Calculator',
            'Work sums out in front of the class, each on a line',
            [Purpose::Unknown, Purpose::Measure],
            [Subject::Maths, Subject::Science],
            'calculate sum add multiply divide arithmetic keys display',
        );
    }

    public static function blank(): array
    {
        return ['sums' => '12 × 30'];
    }

    public static function fields(): array
    {
        return [Field::lines('sums', 'Sums on the strip, one on a line', "3 × 4\n12 + 5")];
    }

    public static function from(Fields $quantities): self
    {
        $sums = [];
        foreach ((new Reading($quantities))->lines('sums', 'Sums', 0, self::MOST_SUMS, self::LONGEST) as $sum) {
            $sums[] = [$sum, self::result($sum) ?? throw InvalidQuantities::because(
                "“{$sum}” cannot be worked out. Write numbers and + − × ÷, with brackets where they are needed.",
                'sums',
            )];
        }
        $typed = [];
        foreach (explode("\n", $quantities->text(self::TYPED, '')) as $sum) {
            $sum = trim(mb_substr(trim($sum, " =\t"), 0, self::LONGEST));
            if ($sum !== '') {
                $typed[] = [$sum, self::result($sum) ?? ''];
            }
        }

        return new self($sums, $typed);
    }

    public static function live(): array
    {
        return [self::TYPED];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        $typed = array_column($this->typed, 0);
        $handles = [Handle::type('display', 'Display', $this->display($box), '', [
            self::TYPED => implode("\n", [...$typed, Handle::VALUE]),
        ])];
        if ($typed !== []) {
            $before = implode("\n", array_slice($typed, 0, -1));
            $handles[] = Handle::press('back', 'Calculator', null, [new Target('Take the last sum back', null, [self::TYPED => $before])]);
        }

        return $handles;
    }

    public function done(LiveFigure $before): string
    {
        if (! $before instanceof self || $this->seen() === $before->seen()) {
            return '';
        }
        $last = $this->typed[count($this->typed) - 1] ?? null;

        return match (true) {
            count($this->typed) < count($before->typed), $last === null => 'takes a sum back',
            $last[1] === '' => "types “{$last[0]}”, which cannot be worked out",
            default => "works out {$last[0]} {$last[1]}",
        };
    }

    public function facts(): array
    {
        return array_map(
            static fn (array $sum, int $number): Fact => Fact::words(
                'result '.chr(97 + $number),
                trim($sum[1], '=≈ '),
                "what {$sum[0]} comes to",
            ),
            $this->sums,
            array_keys($this->sums),
        );
    }

    public function steps(): array
    {
        $steps = [new FigureStep('keys', 'the calculator', 'Let us work it out.')];
        foreach ($this->sums as $number => [$sum, $result]) {
            $steps[] = new FigureStep('line-'.($number + 1), 'sum '.($number + 1), "{$sum} {$result}.");
        }

        return $steps;
    }

    public function smallest(): Box
    {
        return new Box(0, 0, 620, 430);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        $pieces = ['keys' => [...$this->keyboard($box, $context), ...$this->shown($box, $context)]];
        $lines = $this->lines($box);
        foreach ($this->sums as $number => $sum) {
            $pieces['line-'.($number + 1)] = self::line($sum, $lines[$number], $context);
        }
        foreach ($this->seen() as $number => $sum) {
            array_push($pieces['keys'], ...self::line($sum, $lines[min(self::MOST_LINES - 1, count($this->sums) + $number)], $context));
        }

        return $pieces;
    }

    /** @return list<array{string, string}> the newest of what was typed, for which there is room under what was written beforehand */
    private function seen(): array
    {
        return array_slice($this->typed, -max(1, self::MOST_LINES - count($this->sums)));
    }

    public function words(): string
    {
        $sums = implode('; ', array_map(static fn (array $sum): string => "{$sum[0]} {$sum[1]}", $this->sums));

        return rtrim("A calculator with a strip of sums: {$sums}", ': ').'.';
    }

    /** What a sum comes to, as it is written after it, such as “= 12” or “≈ 0.33”; null where it cannot be worked out. */
    private static function result(string $sum): ?string
    {
        try {
            $result = Parser::read($sum)->evaluate([]);
        } catch (MathsError) {
            return null;
        }
        $sign = $result->rounded()->value->isEqualTo($result->value) ? '=' : '≈';

        return "{$sign} {$result->rounded()->written()}";
    }

    private function keys(Box $box): Box
    {
        return new Box($box->x + 2, $box->y + 2, $box->width * self::KEYBOARD - 4, $box->height - 4);
    }

    private function display(Box $box): Box
    {
        $keys = $this->keys($box);

        return new Box($keys->x + self::GAP, $keys->y + self::GAP, $keys->width - 2 * self::GAP, self::DISPLAY);
    }

    /** @return list<Shape> what the display shows: the last sum, and what it comes to */
    private function shown(Box $box, RenderContext $context): array
    {
        $display = $this->display($box);
        $last = $this->typed[count($this->typed) - 1] ?? null;
        $shapes = [Shape::rectangle($display, Paint::outlined(Paint::INK, 3, $context->tint), 8)];
        $texts = $last === null ? ['', '0'] : [$last[0], $last[1] === '' ? '?' : trim($last[1], '= ')];
        foreach ([[$texts[0], 28.0, 0.36], [$texts[1], 46.0, 0.84]] as [$text, $size, $down]) {
            [$written, $style] = Table::cut($text, $display->width - 24, new TextStyle($size, Paint::INK, $size > 30, 1), $context->type);
            $shapes[] = $context->type->label($written, $display->right() - 12, $display->y + $display->height * $down, $style);
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function keyboard(Box $box, RenderContext $context): array
    {
        $keys = $this->keys($box);
        $top = $this->display($box)->bottom() + self::GAP;
        $width = ($keys->width - 5 * self::GAP) / 4;
        $height = ($keys->bottom() - $top - 4 * self::GAP) / 4;
        $shapes = [Shape::rectangle($keys, Paint::outlined($context->strong, 4, '#FFFFFF'), 14)];
        foreach (self::KEYS as $row => $signs) {
            foreach ($signs as $column => $sign) {
                $key = new Box($keys->x + self::GAP + $column * ($width + self::GAP), $top + $row * ($height + self::GAP), $width, $height);
                $isDigit = preg_match('/[\d.]/', $sign) === 1;
                $shapes[] = Shape::rectangle($key, Paint::outlined(Paint::RULE, 2, $isDigit ? '#FFFFFF' : $context->tint), 8);
                $shapes[] = $context->type->label($sign, $key->middleX(), $key->middleY() + 11, new TextStyle(32, Paint::INK, true, 0.5));
            }
        }

        return $shapes;
    }

    /** @return list<Box> */
    private function lines(Box $box): array
    {
        $left = $box->x + $box->width * self::KEYBOARD + 24;
        $height = max(self::LINE, ($box->height - 8) / self::MOST_LINES);

        return array_map(
            static fn (int $number): Box => new Box($left, $box->y + 4 + $number * $height, $box->right() - $left, $height),
            range(0, self::MOST_LINES - 1),
        );
    }

    /**
     * @param  array{string, string}  $sum
     * @return list<Shape>
     */
    private static function line(array $sum, Box $line, RenderContext $context): array
    {
        $text = $sum[0].($sum[1] === '' ? ' = ?' : " {$sum[1]}");
        [$written, $style] = Table::cut($text, $line->width - 8, new TextStyle(38, Paint::INK), $context->type);

        return [
            $context->type->label($written, $line->x + 4, $line->middleY() + $style->size * 0.34, $style),
            Shape::polyline([[$line->x, $line->bottom() - 4], [$line->right(), $line->bottom() - 4]], Paint::outlined(Paint::RULE, 2)),
        ];
    }
}
