<?php

declare(strict_types=1);

namespace Daybright\Figure\BarModel;

use Daybright\Figure\Drawing\Table;
use Daybright\Figure\Entry;
use Daybright\Figure\Form\Field;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\PrintedWithItem;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\TextStyle;

/** Bars drawn to scale: equal parts of a whole, or two amounts compared. */
final readonly class BarModel implements LiveFigure, PrintedWithItem
{
    /** @param  bool  $hasFraction whether the working with a fraction stands beside the bar */
    private function __construct(private Bars $bars, private bool $hasFraction)
    {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'bar-model',
            'Bar model',
            'Show a part of a whole, or compare two amounts',
            [Purpose::PartOfWhole, Purpose::Compare],
            [Subject::Maths, Subject::Science],
            'fraction of an amount percent ratio difference strip share',
        );
    }

    public static function blank(): array
    {
        return ['mode' => 'parts', 'parts' => 5, 'shaded' => 2, 'known' => 'whole', 'amount' => '40', 'unit' => 'cm'];
    }

    public static function fields(): array
    {
        return [
            Field::choice('mode', 'What the bars show', ['parts' => 'Equal parts of a whole', 'compare' => 'Two amounts compared']),
            Field::whole('parts', 'Equal parts')->when('mode', 'parts'),
            Field::whole('shaded', 'Shaded parts')->when('mode', 'parts'),
            Field::text('firstName', 'Name of the longer bar')->when('mode', 'compare'),
            Field::text('secondName', 'Name of the other bar')->when('mode', 'compare'),
            Field::choice('by', 'Compared by', ['difference' => 'their difference', 'ratio' => 'their ratio'])->when('mode', 'compare'),
            Field::text('difference', 'Difference')->when('mode', 'compare')->when('by', 'difference'),
            Field::whole('ratioFirst', 'Ratio: the longer bar')->when('mode', 'compare')->when('by', 'ratio'),
            Field::whole('ratioSecond', 'to the other bar')->when('mode', 'compare')->when('by', 'ratio'),
            Field::choice(
                'known',
                'What is known',
                ['whole' => 'the whole', 'shaded' => 'the shaded part', 'unshaded' => 'the rest', 'part' => 'one part'],
            )->when('mode', 'parts'),
            Field::choice(
                'known',
                'What is known',
                ['total' => 'both together', 'first' => 'the longer bar', 'second' => 'the other bar'],
            )->when('mode', 'compare')->when('by', 'difference'),
            Field::choice(
                'known',
                'What is known',
                ['total' => 'both together', 'first' => 'the longer bar', 'second' => 'the other bar', 'difference' => 'the difference'],
            )->when('mode', 'compare')->when('by', 'ratio'),
            Field::text('amount', 'Its amount'),
            Field::text('unit', 'Unit or things counted'),
            Field::choice('beside', 'Beside it', ['nothing' => 'nothing', 'fraction' => 'the same with a fraction'])->when('mode', 'parts'),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);

        return new self($reading->choice('mode', 'The kind of bar model', ['parts', 'compare']) === 'parts'
            ? EqualParts::from($reading)
            : Comparison::from($reading), $reading->choice('beside', 'What stands beside it', ['nothing', 'fraction']) === 'fraction');
    }

    public static function live(): array
    {
        return ['parts', 'shaded'];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        return $this->bars instanceof EqualParts ? $this->bars->handles() : [];
    }

    public function done(LiveFigure $before): string
    {
        $was = $before instanceof self ? $before->bars : null;

        return $this->bars instanceof EqualParts && $was instanceof EqualParts ? $this->bars->done($was) : '';
    }

    public function facts(): array
    {
        return $this->bars->facts();
    }

    public function steps(): array
    {
        return $this->bars->steps();
    }

    public function smallest(): Box
    {
        return new Box(0, 0, $this->fraction() === [] ? 550 : 1100, 300);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        $fraction = $this->fraction();
        if ($fraction === []) {
            return $this->bars->scene($box, $context);
        }
        $width = $box->width * 0.58;
        $pieces = $this->bars->scene(new Box($box->x, $box->y, $width, $box->height), $context);
        $y = $box->middleY() - 40;
        foreach ($fraction as $step => $line) {
            [$written, $style] = Table::cut($line, $box->width - $width - 60, new TextStyle(40, $context->strong, true), $context->type);
            $pieces[$step] = [...($pieces[$step] ?? []), $context->type->label($written, $box->x + $width + 60, $y, $style)];
            $y += 64;
        }

        return $pieces;
    }

    /** @return array<string, string> step => line of the second method, made of the same numbers */
    private function fraction(): array
    {
        return $this->hasFraction && $this->bars instanceof EqualParts ? $this->bars->asFraction() : [];
    }

    public function words(): string
    {
        return $this->bars->words();
    }

    public function vary(int $seed, int $level): Variation
    {
        return $this->bars->vary($seed, $level);
    }
}
