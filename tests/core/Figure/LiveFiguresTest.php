<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\BarModel\BarModel;
use Daybright\Figure\Calculator\Calculator;
use Daybright\Figure\Equivalence\Equivalence;
use Daybright\Figure\FunctionGraph\FunctionGraph;
use Daybright\Figure\LabelledPicture\LabelledPicture;
use Daybright\Figure\LaidOutNarrow;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\HandleWay;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\Live\Target;
use Daybright\Figure\MarkedPassage\MarkedPassage;
use Daybright\Figure\NumberLine\NumberLine;
use Daybright\Figure\PlanningFrame\PlanningFrame;
use Daybright\Figure\PolarGraph\PolarGraph;
use Daybright\Figure\RhymeLines\RhymeLines;
use Daybright\Figure\ScaleReading\ScaleReading;
use Daybright\Figure\Solid\Solid;
use Daybright\Figure\SortingBoard\SortingBoard;
use Daybright\Figure\Timeline\Timeline;
use Daybright\Figure\TwoUnknowns\TwoUnknowns;
use Daybright\Figure\Venn\Venn;
use Daybright\Figure\WordBuilder\WordBuilder;
use Daybright\Language\Phrase;
use Daybright\Lesson\Fields;
use Daybright\Lesson\MergePatch;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class LiveFiguresTest extends TestCase
{
    /** How far outlines may reach over the edge, in slide units. */
    private const EDGE = 9;

    private const BOARD = ['tray' => true, 'groups' => [
        ['name' => 'Lets light through', 'rule' => '', 'items' => [['text' => 'glass'], ['text' => 'water']]],
        ['name' => 'Lets none through', 'rule' => 'a dark shadow', 'items' => [['text' => 'wood'], ['text' => 'iron'], ['text' => 'cork']]],
    ]];

    /** @return iterable<string, array{class-string<LiveFigure>, array<string, mixed>}> */
    public static function live(): iterable
    {
        yield 'board' => [SortingBoard::class, self::BOARD];
        yield 'graph' => [FunctionGraph::class, ['functions' => "x² − 2x − 3\n2x + 1.5", 'from' => '-3', 'to' => '5']];
        yield 'polar' => [PolarGraph::class, ['radius' => '1 + 2 cos θ']];
        yield 'cylinder' => [ScaleReading::class, ScaleReading::blank()];
        yield 'box' => [Solid::class, ['fill' => '2'] + Solid::blank()];
        yield 'bars' => [BarModel::class, BarModel::blank()];
        yield 'share' => [Equivalence::class, Equivalence::blank()];
        yield 'number line' => [NumberLine::class, NumberLine::blank()];
        yield 'plan' => [PlanningFrame::class, PlanningFrame::blank()];
        foreach (['bank', 'blanks'] as $view) {
            yield $view => [LabelledPicture::class, ['picture' => 'picture-1', 'view' => $view] + LabelledPicture::blank()];
        }
        yield 'clock' => [ScaleReading::class, ['instrument' => 'clock', 'time' => '7:35']];
        yield 'verse' => [RhymeLines::class, ['view' => 'blanks'] + RhymeLines::blank()];
        yield 'word builder' => [WordBuilder::class, ['view' => 'blanks'] + WordBuilder::blank()];
        yield 'two sets' => [Venn::class, ['view' => 'blanks'] + Venn::blank()];
        yield 'three sets' => [Venn::class, [
            'sets' => 'three', 'nameA' => 'chess', 'nameB' => 'sings', 'nameC' => 'swims', 'total' => '30', 'ABC' => '2', 'onlyAB' => '3',
            'onlyAC' => '1', 'onlyBC' => '4', 'onlyA' => '6', 'onlyB' => '5', 'onlyC' => '2', 'view' => 'blanks',
        ]];
        yield 'guesses' => [TwoUnknowns::class, ['view' => 'guessed'] + TwoUnknowns::blank()];
        yield 'calculator' => [Calculator::class, ['sums' => '3 × 4']];
        yield 'timeline' => [Timeline::class, ['view' => 'bank'] + Timeline::blank()];
        yield 'passage' => [MarkedPassage::class, MarkedPassage::blank()];
        yield 'protractor' => [ScaleReading::class, ['instrument' => 'protractor', 'angle' => '40']];
    }

    /**
     * @param  class-string<LiveFigure>  $class
     * @param  array<string, mixed>  $quantities
     */
    #[DataProvider('live')]
    public function test_whatever_is_done_can_be_drawn_in_the_same_box_and_is_told(string $class, array $quantities): void
    {
        mt_srand(11);
        $context = new RenderContext(Slides::typesetter(), '#DDF0F5', '#1B6074', Slides::pictures());
        $figure = self::read($class, $quantities);
        $boxes = [$figure->smallest(), ...$figure instanceof LaidOutNarrow ? [$figure->narrowest()] : []];
        foreach ($boxes as $box) {
            self::work($class, $quantities, $box, $context);
        }
    }

    /**
     * @param  class-string<LiveFigure>  $class
     * @param  array<string, mixed>  $quantities
     */
    private static function work(string $class, array $quantities, Box $box, RenderContext $context): void
    {
        $figure = self::read($class, $quantities);
        for ($act = 0; $act < 30; $act++) {
            $handles = self::read($class, $quantities)->handles($box, $context);
            $handle = $handles[mt_rand(0, count($handles) - 1)];
            $change = self::worked($handle);
            self::assertSame([], array_diff(array_keys($change), $class::live()));
            $quantities = MergePatch::apply($quantities, $change);
            $next = self::read($class, $quantities);
            $least = $next instanceof LaidOutNarrow && $box->width < $next->smallest()->width ? $next->narrowest() : $next->smallest();
            self::assertLessThanOrEqual($box->width, $least->width);
            self::assertLessThanOrEqual($box->height, $least->height);
            foreach ($next->scene($box, $context) as $shapes) {
                foreach ($shapes as $shape) {
                    self::assertTrue($box->inset(-self::EDGE)->holds($shape->box), 'all of it stays in its box');
                }
            }
            foreach ($next->handles($box, $context) as $each) {
                self::assertTrue($each->box === null || $box->inset(-self::EDGE)->holds($each->box));
            }
            $isOther = json_encode($next->scene($box, $context)) !== json_encode($figure->scene($box, $context));
            self::assertSame($isOther, $next->done($figure) !== '', $next->done($figure));
            $figure = $next;
        }
    }

    public function test_a_number_of_a_formula_is_turned_with_its_sign(): void
    {
        $graph = FunctionGraph::from(new Fields(['functions' => 'x² − 2x − 3', 'from' => '-3', 'to' => '5']));
        $handles = $graph->handles(new Box(0, 0, 900, 600), new RenderContext(Slides::typesetter(), '#DDF0F5', '#1B6074'));
        self::assertSame(['-2', '-3', '-3'], array_map(static fn (Handle $handle): string => $handle->value, $handles));
        self::assertSame('y = x² − □x − 3', $handles[0]->label);
        self::assertSame('x² '.Handle::SIGNED.'x − 3', $handles[0]->change['functions']);
        self::assertStringContainsString('turns y = x² − 2x − 3 into y = x² + 4x − 3', self::read(FunctionGraph::class, [
            'functions' => 'x² + 4x − 3', 'from' => '-3', 'to' => '5',
        ])->done($graph));
    }

    public function test_what_was_put_somewhere_stays_there_when_others_come_and_go(): void
    {
        $context = new RenderContext(Slides::typesetter(), '#DDF0F5', '#1B6074');
        $board = SortingBoard::from(new Fields(self::BOARD));
        $iron = self::called('iron', $board->handles($board->smallest(), $context));
        $change = $iron->targets[1]->change;
        $more = self::BOARD;
        array_unshift($more['groups'][0]['items'], ['text' => 'ice']);
        $told = self::read(SortingBoard::class, MergePatch::apply($more, $change))->done(self::read(SortingBoard::class, $more));
        self::assertSame('puts “iron” into “Lets none through”', $told);
        array_splice($more['groups'][1]['items'], 1, 1);
        $now = self::read(SortingBoard::class, $more);
        self::assertSame('', self::read(SortingBoard::class, MergePatch::apply($more, $change))->done($now));
    }

    /** @param  list<Handle>  $handles */
    private static function called(string $label, array $handles): Handle
    {
        return array_values(array_filter($handles, static fn (Handle $handle): bool => $handle->label === $label))[0];
    }

    /**
     * What the browser makes of it (web/rooms/record/live/changes.ts).
     *
     * @return array<mixed>
     */
    private static function worked(Handle $handle): array
    {
        if ($handle->way === HandleWay::Drag || $handle->way === HandleWay::Press) {
            return $handle->targets[mt_rand(0, count($handle->targets) - 1)]->change;
        }
        if ($handle->way === HandleWay::Sweep) {
            $words = array_map(static fn (Target $word): string => $word->label, $handle->targets);
            $from = mt_rand(0, count($words) - 1);
            $phrase = Phrase::name($words, $from, mt_rand($from, min($from + 9, count($words) - 1)));
            $change = $handle->options[mt_rand(0, count($handle->options) - 1)]->change;

            return self::decoded(str_replace(Handle::WORDS, addslashes($phrase), (string) json_encode($change, JSON_UNESCAPED_UNICODE)));
        }
        if ($handle->way === HandleWay::Type) {
            $words = ['', 'a lamp', '7', 'It was dark, and nobody had counted the steps before.'][mt_rand(0, 3)];

            return self::decoded(strtr((string) json_encode($handle->change, JSON_UNESCAPED_UNICODE), [Handle::VALUE => $words]));
        }
        $range = $handle->range ?? ['least' => 0, 'most' => 0, 'step' => 1];
        $steps = (int) floor(($range['most'] - $range['least']) / $range['step']);
        $value = round($range['least'] + mt_rand(0, $steps) * $range['step'], 6);
        $written = ($value < 0 ? '−' : '').abs($value);
        $json = strtr((string) json_encode($handle->change, JSON_UNESCAPED_UNICODE), [
            Handle::SIGNED => ($value < 0 ? '−' : '+').' '.abs($value),
            Handle::VALUE => $written,
            Handle::CLOCK => sprintf('%d:%02d', intdiv((int) $value, 60) ?: 12, (int) $value % 60),
        ]);

        return self::decoded($json);
    }

    /** @return array<mixed> */
    private static function decoded(string $json): array
    {
        $change = json_decode($json, true);

        return is_array($change) ? $change : [];
    }

    /**
     * @param  class-string<LiveFigure>  $class
     * @param  array<mixed>  $quantities
     */
    private static function read(string $class, array $quantities): LiveFigure
    {
        $figure = $class::from(new Fields($quantities));
        self::assertInstanceOf(LiveFigure::class, $figure);

        return $figure;
    }
}
