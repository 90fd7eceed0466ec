<?php

declare(strict_types=1);

namespace Daybright\Worked\Methods;

use Daybright\Figure\Form\Field;
use Daybright\Figure\TwoUnknowns\LinearCheck;
use Daybright\Figure\TwoUnknowns\Substitution as SubstitutionLines;
use Daybright\Figure\TwoUnknowns\TwoUnknowns;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Worked\Example;
use Daybright\Worked\Line;
use Daybright\Worked\Method;

/** Two equations solved by substitution; the lines are those of the figure, so the two cannot disagree. */
final readonly class TwoEquations implements Method
{
    private function __construct(private TwoUnknowns $figure)
    {
    }

    public static function name(): string
    {
        return 'equations';
    }

    public static function label(): string
    {
        return 'Two equations';
    }

    public static function blank(): array
    {
        return ['mode' => 'equations', 'firstEquation' => '2x + 3y = 12', 'secondEquation' => 'y = x − 1'] + TwoUnknowns::blank();
    }

    public static function fields(): array
    {
        return array_values(array_filter(
            TwoUnknowns::fields(),
            static fn (Field $field): bool => $field->name !== 'view',
        )) ?: TwoUnknowns::fields();
    }

    public static function from(Fields $quantities): self
    {
        return new self(TwoUnknowns::from(new Fields(['view' => 'substitution'] + $quantities->raw())));
    }

    public function example(): Example
    {
        [$x, $y] = LinearCheck::letters($this->figure);
        $lines = [
            new Line($this->figure->first->written($x, $y), 'The first equation.'),
            new Line($this->figure->second->written($x, $y), 'The second equation.'),
        ];
        foreach ((new SubstitutionLines($this->figure))->lines() as $number => [$line, $reason]) {
            $replaced = trim(explode('=', $line)[1] ?? '');
            $lines[] = new Line($line, $reason, $number === 0 && $replaced !== '' ? [1 => $replaced] : []);
        }
        [$first, $second] = [TwoUnknowns::number($this->figure->x), TwoUnknowns::number($this->figure->y)];
        $lines[] = new Line('', "Check: {$x} = {$first} and {$y} = {$second} fit both equations.");

        return new Example(
            $this->figure->steps()[0]->script.' Find both.',
            $lines,
            "{$this->figure->firstName} {$first}, {$this->figure->secondName} {$second}",
        );
    }

    public function vary(int $seed, int $level): Variation
    {
        $item = $this->figure->vary($seed, $level);

        return Variation::ask(['view' => 'substitution'] + $item->quantities, $item->prompt, $item->answer, $item->slips);
    }
}
