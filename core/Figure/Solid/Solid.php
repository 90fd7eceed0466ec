<?php

declare(strict_types=1);

namespace Daybright\Figure\Solid;

use Brick\Math\BigInteger;
use Daybright\Figure\Chance;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\PrintedWithItem;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\Dimension;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** A box: its edges, what it holds, how it is filled, its layers of unit cubes and its net. */
final readonly class Solid implements LiveFigure, PrintedWithItem
{
    /** Boxes are counted up to this volume. */
    private const LARGEST_VOLUME = 1000;

    /**
     * @param  'box'|'cubes'|'net'  $view
     * @param  bool  $isSought the volume is known, and boxes of it are looked for
     */
    private function __construct(
        public Quantity $length,
        public Quantity $width,
        public Quantity $height,
        public ?Quantity $fill,
        public string $view,
        private int $longestEdge,
        private bool $isSought = false,
    ) {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'solid',
            'Solid',
            'Show a box with its volume, its filling, its layers of cubes or its net',
            [Purpose::Shape, Purpose::Measure],
            [Subject::Maths, Subject::Science],
            'volume cuboid prism cube tank net surface area capacity',
        );
    }

    public static function blank(): array
    {
        return ['mode' => 'edges', 'length' => '6', 'width' => '4', 'height' => '3', 'unit' => 'cm', 'view' => 'box'];
    }

    public static function fields(): array
    {
        return [
            Field::choice(
                'mode',
                'What is known',
                ['edges' => 'The edges of the box', 'volume' => 'The volume: find boxes with whole edges'],
            ),
            Field::text('length', 'Length')->when('mode', 'edges'),
            Field::text('width', 'Width')->when('mode', 'edges'),
            Field::text('height', 'Height')->when('mode', 'edges'),
            Field::text('fill', 'Filled to a height of')->when('mode', 'edges'),
            Field::whole('volume', 'Volume in cubic units')->when('mode', 'volume'),
            Field::whole('longest', 'Longest edge allowed')->when('mode', 'volume'),
            Field::text('unit', 'Unit of the edges'),
            Field::choice('view', 'Drawing', ['box' => 'the box', 'cubes' => 'layers of unit cubes', 'net' => 'the net']),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $unit = $reading->unit();
        if ($unit->dimension() !== Dimension::Length) {
            throw InvalidQuantities::because('The edges of a box are lengths: choose a unit such as cm or m.', 'unit');
        }
        $view = $reading->choice('view', 'The drawing', ['box', 'cubes', 'net']);
        $view = $view === 'cubes' || $view === 'net' ? $view : 'box';
        if ($reading->choice('mode', 'The kind of solid', ['edges', 'volume']) === 'volume') {
            return self::ofVolume($reading, $unit, $view);
        }
        [$length, $width, $height] = [
            $reading->amount('length', 'The length', $unit),
            $reading->amount('width', 'The width', $unit),
            $reading->amount('height', 'The height', $unit),
        ];
        $fill = $reading->has('fill') ? $reading->amount('fill', 'The height of the filling', $unit) : null;
        if ($fill !== null && $fill->value->isGreaterThan($height->value)) {
            throw InvalidQuantities::because(
                "The filling, {$fill->written()}, is higher than the box, {$height->written()}. Make it lower or the box higher.",
                'fill',
            );
        }
        $solid = new self($length, $width, $height, $fill, $view, 0);
        $solid->refuseExtremeShape();

        return $solid;
    }

    public static function live(): array
    {
        return ['length', 'width', 'height', 'fill'];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        if ($this->isSought) {
            return [];
        }
        $step = $this->hasWholeEdges() ? 1.0 : 0.5;
        $handles = [];
        foreach ($this->edges() as $name => $edge) {
            $value = $edge->value->toFloat();
            $least = $name === 'height' && $this->fill !== null ? $this->fill->value->toFloat() : $step;
            $handles[] = Handle::turn($name, $name, $value, $least, self::reach($value), $step, [$name => Handle::VALUE]);
        }
        if ($this->fill !== null) {
            $most = $this->height->value->toFloat();
            $handles[] = Handle::turn('fill', 'filled to', $this->fill->value->toFloat(), $step / 2, $most, $step / 2, [
                'fill' => Handle::VALUE,
            ]);
        }

        return $handles;
    }

    public function done(LiveFigure $before): string
    {
        if (! $before instanceof self) {
            return '';
        }
        $told = [];
        foreach ($this->edges() as $name => $edge) {
            if (! $edge->value->isEqualTo($before->edges()[$name]->value)) {
                $told[] = "makes the {$name} {$edge->written()}";
            }
        }
        if ($this->fill !== null && $before->fill !== null && ! $this->fill->value->isEqualTo($before->fill->value)) {
            $told[] = "fills it to {$this->fill->written()}";
        }

        return implode(' and ', $told);
    }

    /** @return array{length: Quantity, width: Quantity, height: Quantity} */
    private function edges(): array
    {
        return ['length' => $this->length, 'width' => $this->width, 'height' => $this->height];
    }

    /** Twice as long, and no longer than unit cubes can be shown. */
    private static function reach(float $edge): float
    {
        return max(10.0, 2 * $edge);
    }

    public function facts(): array
    {
        $facts = [
            Fact::quantity('length', $this->length, 'the longest edge of the base'),
            Fact::quantity('width', $this->width, 'the other edge of the base'),
            Fact::quantity('height', $this->height, 'the edge that stands up'),
            Fact::quantity('base', $this->base(), 'the area of the base'),
            Fact::quantity('volume', $this->volume(), 'what the box holds'),
            Fact::quantity('surface', $this->surface(), 'all six faces together'),
            Fact::quantity('double one', $this->enlarged(2), 'the volume when one edge is doubled'),
            Fact::quantity('double two', $this->enlarged(4), 'the volume when two edges are doubled'),
            Fact::quantity('double all', $this->enlarged(8), 'the volume when all edges are doubled'),
        ];
        if ($this->fill !== null) {
            $facts[] = Fact::quantity('fill', $this->fill, 'how high it is filled');
            $facts[] = Fact::quantity('filled', $this->base()->times($this->fill), 'the volume of the filling');
            $facts[] = Fact::quantity('empty', $this->volume()->minus($this->base()->times($this->fill)), 'what still fits in');
        }
        if ($this->hasWholeEdges()) {
            $facts[] = Fact::quantity(
                'layer',
                Quantity::of($this->length->value->multipliedBy($this->width->value)),
                'unit cubes in one layer',
            );
            $facts[] = Fact::quantity('layers', Quantity::of($this->height->value), 'layers of unit cubes');
            $boxes = $this->boxesOfSameVolume();
            if ($boxes !== []) {
                $facts[] = Fact::words(
                    'boxes',
                    implode(', ', array_map(static fn (array $box): string => implode(' × ', $box), $boxes)),
                    'every whole-number box of this volume',
                );
                $facts[] = Fact::quantity('box count', Quantity::of(count($boxes)), 'how many such boxes there are');
            }
        }

        return $facts;
    }

    public function steps(): array
    {
        if ($this->view === 'net') {
            return [
                new FigureStep('solid', 'the net', 'Here is the box unfolded: six faces, three pairs.'),
                new FigureStep('edges', 'the edges', "The edges are {$this->edgesInWords()}."),
                new FigureStep('answers', 'the surface', "All six faces together are {$this->surface()->written()}."),
            ];
        }
        $steps = [
            new FigureStep('solid', 'the box', 'Here is a box.'),
            new FigureStep('edges', 'the edges', "Its edges are {$this->edgesInWords()}."),
        ];
        if ($this->view === 'cubes') {
            $layer = Quantity::of($this->length->value->multipliedBy($this->width->value))->written();
            $steps[] = new FigureStep('layer', 'one layer of cubes', "One layer holds {$layer} cubes.");
            $steps[] = new FigureStep('cubes', 'all layers', "There are {$this->height->number()} layers.");
        }
        if ($this->fill !== null) {
            $steps[] = new FigureStep('fill', 'the filling', "It is filled {$this->fill->written()} high.");
        }
        $answer = $this->fill === null
            ? "It holds {$this->volume()->written()}."
            : "The filling is {$this->base()->times($this->fill)->written()}, of {$this->volume()->written()} in all.";
        $steps[] = new FigureStep('answers', 'the volume', $answer);

        return $steps;
    }

    public function smallest(): Box
    {
        return new Box(0, 0, 550, 300);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        return match ($this->view) {
            'net' => (new NetDrawing($this, $box, $context))->pieces(),
            default => (new BoxDrawing($this, $box, $context))->pieces(),
        };
    }

    public function words(): string
    {
        $what = match ($this->view) {
            'net' => 'The net of a box', 'cubes' => 'A box built of unit cubes', default => 'A box'
        };
        $filled = $this->fill === null ? '' : " It is filled to a height of {$this->fill->written()}.";

        return "{$what}, {$this->edgesInWords()}.{$filled}";
    }

    public function vary(int $seed, int $level): Variation
    {
        $practice = new SolidPractice(Chance::seeded($seed, $level), $level, $this->length->unit);

        return match (true) {
            $this->isSought => $practice->ofOneVolume(),
            $this->view === 'cubes' => $practice->cubes(),
            $this->view === 'net' => $practice->net(),
            default => $practice->box(),
        };
    }

    public function base(): Quantity
    {
        return $this->length->times($this->width);
    }

    public function volume(): Quantity
    {
        return $this->base()->times($this->height);
    }

    public function surface(): Quantity
    {
        $twice = Quantity::of(2);

        return $this->base()->plus($this->length->times($this->height))->plus($this->width->times($this->height))->times($twice);
    }

    public function hasWholeEdges(): bool
    {
        return $this->length->isWhole() && $this->width->isWhole() && $this->height->isWhole();
    }

    /**
     * Every box with whole-number edges and this volume, edges from the longest down, none longer than the limit if there is one.
     *
     * @return list<array{int, int, int}>
     */
    public function boxesOfSameVolume(): array
    {
        $volume = $this->length->value->multipliedBy($this->width->value)->multipliedBy($this->height->value)->simplified();
        if (! $volume->getDenominator()->isEqualTo(1) || $volume->isGreaterThan(self::LARGEST_VOLUME)) {
            return [];
        }

        return self::boxes($volume->toInt(), $this->longestEdge);
    }

    /**
     * Boxes with whole edges, each once, the nearest to a cube first.
     *
     * @param  int  $longestEdge 0 for no limit
     * @return list<array{int, int, int}> edges from the longest down
     */
    public static function boxes(int $volume, int $longestEdge): array
    {
        $boxes = [];
        for ($short = 1; $short ** 3 <= $volume; $short++) {
            for ($middle = $short; $short * $middle * $middle <= $volume; $middle++) {
                $long = intdiv($volume, $short * $middle);
                if ($short * $middle * $long === $volume && ($longestEdge === 0 || $long <= $longestEdge)) {
                    $boxes[] = [$long, $middle, $short];
                }
            }
        }

        return array_reverse($boxes);
    }

    /** @param  'box'|'cubes'|'net'  $view */
    private static function ofVolume(Reading $reading, Unit $unit, string $view): self
    {
        $volume = $reading->whole('volume', 'The volume', 1, self::LARGEST_VOLUME);
        $limit = $reading->has('longest') ? $reading->whole('longest', 'The longest edge allowed', 1, self::LARGEST_VOLUME) : 0;
        $boxes = self::boxes($volume, $limit);
        if ($boxes === []) {
            // The first of all boxes is the nearest to a cube: its longest edge is the least that will do.
            $least = self::boxes($volume, 0)[0][0] ?? $volume;
            throw InvalidQuantities::because(
                "No box with whole edges up to {$limit} has a volume of {$volume}. Allow edges up to {$least}.",
                'longest',
            );
        }
        $edge = static fn (int $length): Quantity => Quantity::of(BigInteger::of($length), $unit);
        // The first is the nearest to a cube.
        [$length, $width, $height] = $boxes[0];
        $solid = new self($edge($length), $edge($width), $edge($height), null, $view, $limit, true);
        $solid->refuseExtremeShape();

        return $solid;
    }

    private function enlarged(int $times): Quantity
    {
        return $this->volume()->times(Quantity::of($times));
    }

    private function edgesInWords(): string
    {
        return "{$this->length->written()} long, {$this->width->written()} wide and {$this->height->written()} high";
    }

    private function refuseExtremeShape(): void
    {
        $edges = [$this->length->value->toFloat(), $this->width->value->toFloat(), $this->height->value->toFloat()];
        if (max($edges) > 40 * min($edges)) {
            throw InvalidQuantities::because(
                'One edge is more than 40 times another: drawn to scale, the box would be a line. Use edges closer to each other.',
                'length',
            );
        }
        if ($this->view === 'cubes' && (! $this->hasWholeEdges() || max($edges) > 12)) {
            throw InvalidQuantities::because(
                'Unit cubes need whole-number edges of at most 12. Choose the plain box, or other edges.',
                'view',
            );
        }
    }
}
