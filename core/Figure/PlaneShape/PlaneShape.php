<?php

declare(strict_types=1);

namespace Daybright\Figure\PlaneShape;

use Daybright\Figure\Chance;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Figure\Varies;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\Setting;

/** A flat shape of which some measures are known: the others follow, and it is drawn to scale. */
final readonly class PlaneShape implements Varies
{
    private function __construct(private Outline $outline)
    {
    }

    public static function entry(): Entry
    {
        return new Entry('plane-shape', 'Plane shape', 'Draw a rectangle, triangle, circle or L-shape to scale, with the measures that follow', [Purpose::Shape, Purpose::Measure], [Subject::Maths, Subject::Art, Subject::Science], 'area perimeter circumference radius diameter triangle rectangle circle compound pythagoras');
    }

    public static function blank(): array
    {
        return ['shape' => 'rectangle', 'length' => '8', 'width' => '5', 'unit' => 'cm'];
    }

    public static function fields(): array
    {
        return [
            Field::choice('shape', 'Shape', ['rectangle' => 'Rectangle', 'triangle' => 'Triangle by its sides', 'right' => 'Right triangle', 'circle' => 'Circle', 'compound' => 'L-shape: a rectangle with a corner cut out']),
            Field::text('length', 'Length', 'leave empty what is not known')->when('shape', 'rectangle', 'compound'),
            Field::text('width', 'Width')->when('shape', 'rectangle', 'compound'),
            Field::text('perimeter', 'Perimeter')->when('shape', 'rectangle'),
            Field::text('area', 'Area')->when('shape', 'rectangle', 'circle', 'right'),
            Field::text('cutLength', 'Length of the corner cut out')->when('shape', 'compound'),
            Field::text('cutWidth', 'Width of the corner cut out')->when('shape', 'compound'),
            Field::text('first', 'First side')->when('shape', 'triangle'),
            Field::text('second', 'Second side')->when('shape', 'triangle'),
            Field::text('third', 'Third side')->when('shape', 'triangle'),
            Field::text('base', 'Base')->when('shape', 'right'),
            Field::text('height', 'Height')->when('shape', 'right'),
            Field::text('hypotenuse', 'Longest side')->when('shape', 'right'),
            Field::text('radius', 'Radius')->when('shape', 'circle'),
            Field::text('diameter', 'Diameter')->when('shape', 'circle'),
            Field::text('circumference', 'Circumference')->when('shape', 'circle'),
            Field::text('unit', 'Unit of the sides'),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $unit = $reading->unit();
        if ($unit->kindInWords() !== 'a length') {
            throw InvalidQuantities::because('Sides are lengths: choose a unit such as cm or m.', 'unit');
        }

        return new self(match ($reading->choice('shape', 'The shape', ['rectangle', 'triangle', 'right', 'circle', 'compound'])) {
            'triangle' => Triangle::bySides($reading, $unit),
            'right' => RightTriangle::from($reading, $unit),
            'circle' => Circle::from($reading, $unit),
            'compound' => Compound::from($reading, $unit),
            default => Rectangle::from($reading, $unit),
        });
    }

    public function facts(): array
    {
        return $this->outline->facts();
    }

    public function steps(): array
    {
        return [
            new FigureStep('shape', 'the shape', "Here is {$this->outline->kind()}."),
            new FigureStep('known', 'what is known', 'We know this: '.$this->inWords($this->outline->known()).'.'),
            new FigureStep('answers', 'what follows', 'From that follows: '.$this->inWords($this->outline->following()).'.'),
        ];
    }

    public function smallest(): Box
    {
        return new Box(0, 0, 550, 340);
    }

    public function scene(Box $box, Setting $setting): array
    {
        return (new ShapeDrawing($this->outline, $box, $setting))->pieces();
    }

    public function words(): string
    {
        return ucfirst($this->outline->kind()).'. Known: '.$this->inWords($this->outline->known()).'.';
    }

    /** Level 1 asks for an area, level 2 for a missing side, level 3 for the area of an L-shape. */
    public function vary(int $seed, int $level): Variation
    {
        $chance = Chance::of($seed, $level);
        $unit = $this->outline->unit();
        $side = static fn (int $length): Quantity => Quantity::of($length, $unit);
        $square = static fn (int $area): Quantity => Quantity::of($area, $unit->power(2));
        $length = $chance->whole(6, 14 + 4 * $level);
        $width = $chance->whole(3, $length - 2);
        if ($level === 1) {
            return Variation::of(['shape' => 'rectangle', 'length' => (string) $length, 'width' => (string) $width, 'unit' => $unit->symbol()], "A rectangle is {$side($length)->written()} long and {$side($width)->written()} wide. What is its area?", $square($length * $width), [
                'This is the perimeter.' => $side(2 * ($length + $width)),
                'The sides were added instead of multiplied.' => $square($length + $width),
                'The unit of an area is a square.' => $side($length * $width),
            ]);
        }
        if ($level === 2) {
            $perimeter = 2 * ($length + $width);

            return Variation::of(['shape' => 'rectangle', 'length' => (string) $length, 'perimeter' => (string) $perimeter, 'unit' => $unit->symbol()], "The perimeter of a rectangle is {$side($perimeter)->written()}. It is {$side($length)->written()} long. How wide is it?", $side($width), [
                'Only one length was taken away.' => $side($perimeter - $length),
                'Both lengths were taken away, but the rest was not halved.' => $side(2 * $width),
                'This is half the perimeter.' => $side($length + $width),
            ]);
        }
        [$length, $width] = [$chance->whole(6, 16), $chance->whole(5, 12)];
        [$cutLength, $cutWidth] = [$chance->whole(2, $length - 2), $chance->whole(2, $width - 2)];

        return Variation::of(['shape' => 'compound', 'length' => (string) $length, 'width' => (string) $width, 'cutLength' => (string) $cutLength, 'cutWidth' => (string) $cutWidth, 'unit' => $unit->symbol()], "From a rectangle of {$side($length)->written()} by {$side($width)->written()} a corner of {$side($cutLength)->written()} by {$side($cutWidth)->written()} is cut out. What area is left?", $square($length * $width - $cutLength * $cutWidth), [
            'The corner was not taken away.' => $square($length * $width),
            'The corner was added.' => $square($length * $width + $cutLength * $cutWidth),
            'This is the area of the corner.' => $square($cutLength * $cutWidth),
        ]);
    }

    /** @param  list<Fact>  $facts */
    private function inWords(array $facts): string
    {
        return implode(', ', array_map(static fn (Fact $fact): string => "{$fact->meaning} is {$fact->written}", $facts));
    }
}
