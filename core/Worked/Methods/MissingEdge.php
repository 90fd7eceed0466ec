<?php

declare(strict_types=1);

namespace Daybright\Worked\Methods;

use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Reading;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Worked\Example;
use Daybright\Worked\Method;

/** The edge of a box or the side of a shape that is not known: the formula of the shape, solved for it. */
final readonly class MissingEdge implements Method
{
    private const SHAPES = [
        'box' => ['V = l w h', ['V' => 'whole', 'l' => 'first', 'w' => 'second'], 'h'],
        'rectangle' => ['A = l w', ['A' => 'whole', 'l' => 'first'], 'w'],
        'fence' => ['P = 2(l + w)', ['P' => 'whole', 'l' => 'first'], 'w'],
        'triangle' => ['A = b h/2', ['A' => 'whole', 'b' => 'first'], 'h'],
        'right' => ['c² = a² + b²', ['c' => 'whole', 'a' => 'first'], 'b'],
    ];

    private function __construct(private Substitution $substitution, private string $shape)
    {
    }

    public static function name(): string
    {
        return 'edge';
    }

    public static function label(): string
    {
        return 'A missing edge or side';
    }

    public static function blank(): array
    {
        return ['shape' => 'box', 'whole' => '72 cm³', 'first' => '6 cm', 'second' => '4 cm'];
    }

    public static function fields(): array
    {
        return [
            Field::choice(
                'shape',
                'What is known',
                [
                    'box' => 'The volume of a box and two edges',
                    'rectangle' => 'The area of a rectangle and one side',
                    'fence' => 'The perimeter of a rectangle and one side',
                    'triangle' => 'The area of a triangle and its base',
                    'right' => 'The longest side of a right triangle and one leg',
                ],
            ),
            Field::text('whole', 'Volume, area, perimeter or longest side', '72 cm³'),
            Field::text('first', 'The side that is known', '6 cm'),
            Field::text('second', 'The other edge that is known', '4 cm')->when('shape', 'box'),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $shape = $reading->choice('shape', 'The shape', ['box', 'rectangle', 'fence', 'triangle', 'right']);
        [$formula, $names, $asked] = self::SHAPES[$shape] ?? self::SHAPES['box'];
        $known = [];
        foreach ($names as $letter => $field) {
            $known[] = "{$letter} = ".$reading->text($field, 'A measure', 30);
        }
        try {
            $method = Substitution::from(new Fields([
                'formula' => $formula,
                'known' => implode("\n", $known),
                'asked' => $asked,
                'figures' => 4,
            ]));
            $answer = $method->example()->answer;
        } catch (InvalidQuantities $error) {
            throw InvalidQuantities::because($error->getMessage(), $error->field === 'known' ? 'whole' : 'first');
        }
        if (! is_string($answer) && ! $answer->value->isPositive()) {
            throw InvalidQuantities::because(
                "The side would come to {$answer->written()}, which cannot be. Make the first measure larger or the side smaller.",
                'whole',
            );
        }

        return new self($method, $shape);
    }

    public function example(): Example
    {
        return $this->substitution->example();
    }

    public function vary(int $seed, int $level): Variation
    {
        $item = $this->substitution->varyAsking($seed, $level, self::SHAPES[$this->shape][2]);
        $quantities = ['shape' => $this->shape];
        foreach (explode("\n", is_string($item->quantities['known']) ? $item->quantities['known'] : '') as $line) {
            [$letter, $value] = array_pad(explode(' = ', $line), 2, '');
            $quantities[self::SHAPES[$this->shape][1][$letter] ?? $letter] = $value;
        }

        return Variation::ask($quantities, $item->prompt, $item->answer, $item->slips, $item->tolerance);
    }
}
