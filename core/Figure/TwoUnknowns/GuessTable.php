<?php

declare(strict_types=1);

namespace Daybright\Figure\TwoUnknowns;

use Brick\Math\BigRational;
use Daybright\Figure\Drawing\Table;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** Guesses that keep the first equation, each checked against the second, moving towards the answer. */
final readonly class GuessTable
{
    public const MOST_GUESSES = 6;

    public function __construct(private TwoUnknowns $figure)
    {
    }

    public static function height(TwoUnknowns $figure): float
    {
        return Table::ROW * ((new self($figure))->rows() + 1) + 8;
    }

    /** Wide enough for the names of both kinds at the smallest size. */
    public static function width(TwoUnknowns $figure): float
    {
        return max(550.0, (17.5 * max(mb_strlen($figure->firstName), mb_strlen($figure->secondName)) + 24) / 0.24);
    }

    /**
     * Each guess leaves at most half of the way to go.
     *
     * @return list<array{BigRational, BigRational, BigRational, string}> x, y, what the second equation comes to, how far off that is
     */
    public function guesses(): array
    {
        if ($this->figure->view === 'guessed') {
            return array_map($this->row(...), $this->figure->tried);
        }
        $solution = $this->figure->x;
        $start = $this->figure->first->b->isZero() ? $solution : self::start($this->figure);
        $guesses = [];
        $guess = $start;
        for ($number = 1; $number <= self::MOST_GUESSES; $number++) {
            $isLast = $number === self::MOST_GUESSES;
            $guesses[] = $this->row($isLast ? $solution : $guess);
            if ($guess->isEqualTo($solution) || $isLast) {
                break;
            }
            $way = $solution->minus($guess);
            $half = $way->abs()->dividedBy(2)->toFloat();
            $guess = $way->abs()->isLessThanOrEqualTo(1) ? $solution : $guess->plus((int) ceil($half) * ($way->isNegative() ? -1 : 1));
        }

        return $guesses;
    }

    /** @return array<string, list<Shape>> */
    public function pieces(Box $box, RenderContext $context): array
    {
        $guesses = $this->guesses();
        $table = $this->table($box, $context);
        $pieces = ['given' => $table->head()];
        foreach ($guesses as $number => [$x, $y, $sum, $check]) {
            $isRight = $x->isEqualTo($this->figure->x);
            $piece = $this->figure->view === 'guessed' ? 'given' : 'line-'.($number + 1);
            $pieces[$piece] = [...$pieces[$piece] ?? [], ...$table->row(
                $number + 1,
                [TwoUnknowns::number($x), TwoUnknowns::number($y), TwoUnknowns::number($sum), $check],
                $isRight,
                $isRight ? $context->strong : Paint::INK,
            )];
        }
        if ($this->figure->view === 'guessed') {
            for ($empty = count($guesses) + 1; $empty <= $this->rows(); $empty++) {
                array_push($pieces['given'], ...$table->row($empty, []));
            }

            return $pieces;
        }
        $pieces['answer'] = [Shape::rectangle($table->place(count($guesses)), Paint::outlined($context->strong, 5))];

        return $pieces;
    }

    /** @return list<Box> where guesses are written: those that there are, and the next */
    public function places(Box $box, RenderContext $context): array
    {
        $table = $this->table($box, $context);

        return array_map(
            static fn (int $row): Box => $table->cell($row, 0),
            range(1, min($this->rows(), count($this->figure->tried) + 1)),
        );
    }

    /** Those that are guessed while it is shown have room from the beginning. */
    private function rows(): int
    {
        return $this->figure->view === 'guessed' ? self::MOST_GUESSES : count($this->guesses());
    }

    private function table(Box $box, RenderContext $context): Table
    {
        return new Table(
            [ucfirst($this->figure->firstName), ucfirst($this->figure->secondName), LinearCheck::left($this->figure), 'Check'],
            [0.24, 0.24, 0.22, 0.3],
            $this->rows(),
            $box->inset(3),
            $context,
        );
    }

    /** @return array{BigRational, BigRational, BigRational, string} */
    private function row(BigRational $x): array
    {
        $y = $this->figure->first->yAt($x) ?? $this->figure->y;
        $sum = $this->figure->second->left($x, $y);
        $off = $sum->minus($this->figure->second->c);
        $check = match (true) {
            $off->isZero() => 'just right',
            $off->isPositive() => TwoUnknowns::number($off).' over',
            default => TwoUnknowns::number($off->abs()).' short',
        };

        return [$x, $y, $sum, $check];
    }

    /** Half of what there is together where that is known, otherwise a round number near by. */
    private static function start(TwoUnknowns $figure): BigRational
    {
        if ($figure->first->a->isEqualTo(1) && $figure->first->b->isEqualTo(1) && $figure->first->c->isPositive()) {
            return BigRational::of((int) floor($figure->first->c->dividedBy(2)->toFloat()));
        }

        return BigRational::of((int) round($figure->x->toFloat()) - 4);
    }
}
