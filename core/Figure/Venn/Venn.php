<?php

declare(strict_types=1);

namespace Daybright\Figure\Venn;

use Brick\Math\BigRational;
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
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** Two or three overlapping sets; from some counts every region follows. */
final readonly class Venn implements LiveFigure, PrintedWithItem
{
    private const LARGEST = 100000;

    private const FILLED = 'filled';

    /** Letters of what is written into a region. */
    private const LONGEST = 6;

    /**
     * @param  list<string>  $names
     * @param  array<int, int>  $regions how many belong to exactly the sets whose bits are set
     * @param  list<string>  $given fields that the teacher filled in
     * @param  bool  $isBlank whether the regions are filled while it is shown
     * @param  array<string, string>  $filled what was written into a region, by its own name
     */
    private function __construct(
        public array $names,
        public array $regions,
        private array $given,
        public bool $isBlank,
        private array $filled,
    ) {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'venn',
            'Venn diagram',
            'Sort things into overlapping sets and work out every region and its probability',
            [Purpose::Sort, Purpose::Compare, Purpose::Unknown],
            [Subject::Maths, Subject::Science, Subject::Language],
            'sets overlap intersection union probability both neither',
        );
    }

    public static function blank(): array
    {
        return [
            'sets' => 'two', 'nameA' => 'Plays chess', 'nameB' => 'Sings',
            'total' => '30', 'A' => '14', 'B' => '11', 'AB' => '4', 'view' => 'counts',
        ];
    }

    public static function fields(): array
    {
        return [
            Field::choice('sets', 'How many sets', ['two' => 'two', 'three' => 'three']),
            Field::text('nameA', 'First set'), Field::text('nameB', 'Second set'), Field::text('nameC', 'Third set')->when('sets', 'three'),
            Field::text('total', 'All together', 'leave empty what is not known'),
            Field::text('A', 'In the first'), Field::text('B', 'In the second'), Field::text('C', 'In the third')->when('sets', 'three'),
            Field::text('AB', 'In the first and the second'),
            Field::text('AC', 'In the first and the third')->when('sets', 'three'),
            Field::text('BC', 'In the second and the third')->when('sets', 'three'),
            Field::text('ABC', 'In all three')->when('sets', 'three'),
            Field::text('onlyA', 'Only in the first'),
            Field::text('onlyB', 'Only in the second'),
            Field::text('onlyC', 'Only in the third')->when('sets', 'three'),
            Field::text('onlyAB', 'In the first and the second, not in the third')->when('sets', 'three'),
            Field::text('onlyAC', 'In the first and the third, not in the second')->when('sets', 'three'),
            Field::text('onlyBC', 'In the second and the third, not in the first')->when('sets', 'three'),
            Field::text('union', 'In at least one'),
            Field::text('neither', 'In none'),
            Field::choice('view', 'The counts', [
                'counts' => 'appear region by region',
                'blanks' => 'are written by hand while it is shown',
            ]),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $count = $reading->choice('sets', 'The number of sets', ['two', 'three']) === 'two' ? 2 : 3;
        $names = array_map(static fn (int $set): string => $reading->name('name'.'ABC'[$set], 'Set '.'ABC'[$set]), range(0, $count - 1));
        if (count(array_unique($names)) < $count) {
            throw InvalidQuantities::because('Give each set a name of its own.', 'nameB');
        }
        $regions = new Regions($count);
        $given = [];
        foreach (self::sums($count) as $field => $members) {
            if (! $reading->has($field)) {
                continue;
            }
            $value = $reading->number($field, 'A count');
            if ($value->isNegative() || ! $value->simplified()->getDenominator()->isEqualTo(1) || $value->isGreaterThan(self::LARGEST)) {
                throw InvalidQuantities::because('A count must be a whole number from 0 to 100 000.', $field);
            }
            $regions = $regions->knowing($members, $value->toInt(), $field, self::inWords($field, $names));
            $given[] = $field;
        }

        return new self(
            $names,
            $regions->solved(self::sums($count), static fn (string $field): string => self::inWords($field, $names)),
            $given,
            $reading->choice('view', 'The counts', ['counts', 'blanks']) === 'blanks',
            array_map(static fn (string $written): string => mb_substr(trim($written), 0, self::LONGEST), $quantities->map(self::FILLED)),
        );
    }

    public static function live(): array
    {
        return [self::FILLED];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        $handles = [];
        foreach ($this->isBlank ? (new Circles($this, $box, $context))->places() : [] as $region => $place) {
            $handles[] = Handle::type("region-{$region}", ucfirst($this->regionInWords($region)), $place, $this->filledIn($region), [
                self::FILLED => [$this->regionInWords($region) => Handle::VALUE],
            ]);
        }

        return $handles;
    }

    public function done(LiveFigure $before): string
    {
        $told = [];
        foreach ($before instanceof self ? array_keys($this->regions) : [] as $region) {
            $written = $this->filledIn($region);
            if ($before instanceof self && $written !== $before->filledIn($region)) {
                $told[] = $written === ''
                    ? "wipes those {$this->regionInWords($region)}"
                    : "writes {$written} for those {$this->regionInWords($region)}";
            }
        }

        return implode(' and ', $told);
    }

    /** @return string empty where nothing was written yet */
    public function filledIn(int $region): string
    {
        return $this->filled[$this->regionInWords($region)] ?? '';
    }

    private function regionInWords(int $region): string
    {
        return self::inWords((string) array_search([$region], self::sums(count($this->names)), true), $this->names);
    }

    public function facts(): array
    {
        $all = array_sum($this->regions);
        $facts = [];
        foreach (self::sums(count($this->names)) as $field => $members) {
            $value = array_sum(array_intersect_key($this->regions, array_flip($members)));
            $name = self::factName($field);
            $facts[] = Fact::quantity($name, Quantity::of($value), self::inWords($field, $this->names));
            if ($all > 0 && $field !== 'total') {
                $facts[] = Fact::words(
                    "chance of {$name}",
                    (string) self::fraction($value, $all),
                    'the probability of being '.self::inWords($field, $this->names),
                );
            }
        }

        return $facts;
    }

    public function steps(): array
    {
        $known = array_map(fn (string $field): string => $this->value($field).' are '.self::inWords($field, $this->names), $this->given);
        $sets = new FigureStep(
            'sets',
            'the sets',
            'Here are '
                .(count($this->names) === 2 ? 'two' : 'three')
                .' sets: '
                .implode(', ', $this->names)
                .'. We know that '
                .implode(', ', $known)
                .'.',
        );

        return $this->isBlank ? [$sets] : [
            $sets,
            new FigureStep(
                'shared',
                'what they share',
                'We begin in the middle: '
                    .$this->value(count($this->names) === 2 ? 'AB' : 'ABC')
                    .' belong to '
                    .(count($this->names) === 2 ? 'both' : 'all three')
                    .'.',
            ),
            new FigureStep('only', 'the other regions', 'Then we take away to find what is left in each set.'),
            new FigureStep('neither', 'those in none', $this->value('neither').' belong to none of them.'),
        ];
    }

    public function smallest(): Box
    {
        return new Box(0, 0, 550, count($this->names) === 2 ? 320 : 480);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        return (new Circles($this, $box, $context))->pieces();
    }

    public function words(): string
    {
        $known = array_map(fn (string $field): string => self::inWords($field, $this->names).' '.$this->value($field), $this->given);

        return 'Overlapping circles for '.implode(', ', $this->names).'. Known: '.implode(', ', $known).'.';
    }

    public function vary(int $seed, int $level): Variation
    {
        $practice = new VennPractice(Chance::seeded($seed, $level), $level, $this->names);

        return count($this->names) === 2 ? $practice->two() : $practice->three();
    }

    public function value(string $field): int
    {
        return (int) array_sum(array_intersect_key($this->regions, array_flip(self::sums(count($this->names))[$field])));
    }

    /**
     * Which regions each count adds up; a region is a number whose bits say to which sets it belongs.
     *
     * @return array<string, list<int>>
     */
    private static function sums(int $count): array
    {
        $all = range(0, (1 << $count) - 1);
        $holding = static fn (int $bits): array => array_values(array_filter(
            $all,
            static fn (int $region): bool => ($region & $bits) === $bits,
        ));
        $sums = [
            'total' => $all,
            'A' => $holding(1),
            'B' => $holding(2),
            'AB' => $holding(3),
            'onlyA' => [1],
            'onlyB' => [2],
            'union' => array_slice($all, 1),
            'neither' => [0],
        ];
        if ($count === 2) {
            return $sums;
        }

        return [
            ...$sums,
            'C' => $holding(4),
            'AC' => $holding(5),
            'BC' => $holding(6),
            'ABC' => [7],
            'onlyC' => [4],
            'onlyAB' => [3],
            'onlyAC' => [5],
            'onlyBC' => [6],
        ];
    }

    private static function factName(string $field): string
    {
        return [
            'total' => 'total',
            'A' => 'first',
            'B' => 'second',
            'C' => 'third',
            'AB' => 'first and second',
            'AC' => 'first and third',
            'BC' => 'second and third',
            'ABC' => 'all three',
            'onlyA' => 'only first',
            'onlyB' => 'only second',
            'onlyC' => 'only third',
            'onlyAB' => 'first and second only',
            'onlyAC' => 'first and third only',
            'onlyBC' => 'second and third only',
            'union' => 'any',
            'neither' => 'neither',
        ][$field] ?? $field;
    }

    /** @param  list<string>  $names */
    private static function inWords(string $field, array $names): string
    {
        [$a, $b, $c] = array_map(static fn (string $name): string => "“{$name}”", array_pad($names, 3, ''));

        return match ($field) {
            'total' => 'all together',
            'A' => "in {$a}",
            'B' => "in {$b}",
            'C' => "in {$c}",
            'AB' => "in both {$a} and {$b}",
            'AC' => "in both {$a} and {$c}",
            'BC' => "in both {$b} and {$c}",
            'ABC' => 'in all three',
            'onlyA' => "only in {$a}",
            'onlyB' => "only in {$b}",
            'onlyC' => "only in {$c}",
            'onlyAB' => "in {$a} and {$b}, not in {$c}",
            'onlyAC' => "in {$a} and {$c}, not in {$b}",
            'onlyBC' => "in {$b} and {$c}, not in {$a}",
            'union' => 'in at least one',
            default => 'in none',
        };
    }

    private static function fraction(int $value, int $all): string
    {
        $fraction = BigRational::nd($value, $all)->simplified();

        return $fraction->getDenominator()->isEqualTo(1) ? (string) $fraction->getNumerator() : (string) $fraction;
    }
}
