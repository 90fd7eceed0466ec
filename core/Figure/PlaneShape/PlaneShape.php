<?php

declare(strict_types=1);

namespace Daybright\Figure\PlaneShape;

use Daybright\Figure\Chance;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\PrintedWithItem;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\Dimension;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** A flat shape of which some measures are known: the others follow, and it is drawn to scale. */
final readonly class PlaneShape implements PrintedWithItem
{
    private function __construct(private Outline $outline)
    {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'plane-shape',
            'Plane shape',
            'Draw a rectangle, triangle, circle or L-shape to scale, with the measures that follow',
            [Purpose::Shape, Purpose::Measure],
            [Subject::Maths, Subject::Art, Subject::Science],
            'area perimeter circumference radius diameter triangle rectangle circle compound pythagoras',
        );
    }

    public static function blank(): array
    {
        return ['shape' => 'rectangle', 'length' => '8', 'width' => '5', 'unit' => 'cm'];
    }

    public static function fields(): array
    {
        return [
            Field::choice(
                'shape',
                'Shape',
                [
                    'rectangle' => 'Rectangle',
                    'triangle' => 'Triangle by its sides',
                    'right' => 'Right triangle',
                    'circle' => 'Circle',
                    'compound' => 'L-shape: a rectangle with a corner cut out',
                ],
            ),
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
        if ($unit->dimension() !== Dimension::Length) {
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

    public function scene(Box $box, RenderContext $context): array
    {
        return (new ShapeDrawing($this->outline, $box, $context))->pieces();
    }

    public function words(): string
    {
        return ucfirst($this->outline->kind()).'. Known: '.$this->inWords($this->outline->known()).'.';
    }

    public function vary(int $seed, int $level): Variation
    {
        return $this->outline->vary(Chance::seeded($seed, $level), $level);
    }

    /** @param  list<Fact>  $facts */
    private function inWords(array $facts): string
    {
        return implode(', ', array_map(static fn (Fact $fact): string => "{$fact->meaning} is {$fact->written}", $facts));
    }
}
