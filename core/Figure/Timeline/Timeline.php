<?php

declare(strict_types=1);

namespace Daybright\Figure\Timeline;

use Daybright\Figure\Chance;
use Daybright\Figure\Drawing\Bank;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\HasTask;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\Live\Target;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Figure\Varies;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Maths\Units;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** Dated events to scale, across the eras. */
final readonly class Timeline implements HasTask, LiveFigure, Varies
{
    private const PUT = 'put';

    /**
     * @param  non-empty-list<Event>  $events in order of time
     * @param  bool  $hasBank whether they are put in while it is shown
     * @param  list<string>  $put those that were put in, by what they are called
     */
    private function __construct(public array $events, private bool $hasBank, private array $put)
    {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'timeline',
            'Timeline',
            'Place events in time, to scale, and work out the years between them',
            [Purpose::Change, Purpose::Connect, Purpose::Place],
            [Subject::History, Subject::Science, Subject::Art, Subject::Language],
            'history dates years BCE CE BC AD century era chronology',
        );
    }

    public static function blank(): array
    {
        return [
            'events' => "150 BCE: A sundial stands in the market\n1092: A water clock in a tower\n1656: The pendulum clock\n1759: A clock that keeps time at sea",
            'view' => 'events',
        ];
    }

    public static function fields(): array
    {
        return [
            Field::lines('events', 'Events, one on a line', "150 BCE: A sundial\n1914–1918: A war"),
            Field::choice('view', 'The events', ['events' => 'appear one by one', 'bank' => 'are put in by hand while it is shown']),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $events = array_map(Event::read(...), $reading->lines('events', 'Events', 2, 8, 56));
        usort($events, static fn (Event $one, Event $other): int => $one->from->astronomical <=> $other->from->astronomical);
        if (count($events) < 2 || $events[0]->from->until($events[count($events) - 1]->last()) === 0) {
            throw InvalidQuantities::because('All events are in one year. Give events from at least two different years.', 'events');
        }

        return new self(
            $events,
            $reading->choice('view', 'The events', ['events', 'bank']) === 'bank',
            array_map(strval(...), array_keys($quantities->map(self::PUT))),
        );
    }

    public static function live(): array
    {
        return [self::PUT];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        if (! $this->hasBank) {
            return [];
        }
        $line = $this->room($box);
        $events = $this->drawn($line, $context);
        $handles = [];
        foreach ($this->bank($box, $context)->places() as $label => $place) {
            if (! $this->isPut((string) $label)) {
                $put = new Target('On the line', $line, self::putting((string) $label, 'yes'));
                $handles[] = Handle::drag("event-{$label}", (string) $label, $place, [$put]);
            }
        }
        foreach ($this->events as $number => $event) {
            if ($this->isPut($event->label)) {
                $place = Box::around(array_map(static fn (Shape $shape): Box => $shape->box, $events['event-'.($number + 1)]));
                $back = new Target('Take it off the line', null, self::putting($event->label, null));
                $handles[] = Handle::press("event-{$event->label}", $event->label, $place, [$back]);
            }
        }

        return $handles;
    }

    public function done(LiveFigure $before): string
    {
        $told = [];
        foreach ($before instanceof self ? $this->events : [] as $event) {
            $isPut = $this->isPut($event->label);
            if ($before instanceof self && $isPut !== $before->isPut($event->label)) {
                $told[$event->label] = $isPut
                    ? "puts “{$event->label}” on the line at {$event->written(true)}"
                    : "takes “{$event->label}” off the line";
            }
        }

        return implode(' and ', $told);
    }

    /** @return array<string, mixed> */
    private static function putting(string $label, ?string $isPut): array
    {
        return [self::PUT => [$label => $isPut]];
    }

    private function isPut(string $label): bool
    {
        return in_array($label, $this->put, true);
    }

    /** Without the bank. */
    private function room(Box $box): Box
    {
        return new Box($box->x, $box->y, $box->width, $box->height - ($this->hasBank ? Bank::height(count($this->events)) : 0.0));
    }

    private function bank(Box $box, RenderContext $context): Bank
    {
        $labels = array_map(static fn (Event $event): string => $event->label, $this->events);
        sort($labels);

        return new Bank($labels, $box, $context);
    }

    public function facts(): array
    {
        $facts = [Fact::quantity('span', self::years($this->first()->until($this->lastYear())), 'from the first event to the last')];
        foreach ($this->events as $number => $event) {
            $letter = chr(97 + $number);
            $facts[] = Fact::words("event {$letter}", $event->label, 'an event');
            $facts[] = Fact::quantity("year {$letter}", Quantity::of($event->from->number()), "its year, {$event->from->written(true)}");
            $facts[] = Fact::words("century {$letter}", $event->from->centuryWritten(), 'its century');
            if ($event->to !== null) {
                $facts[] = Fact::quantity("length {$letter}", self::years($event->from->until($event->to)), 'how long it took');
            }
            if ($number > 0) {
                $facts[] = Fact::quantity(
                    "gap {$letter}",
                    self::years($this->events[$number - 1]->from->until($event->from)),
                    "years from the event before it to “{$event->label}”",
                );
            }
        }

        return $facts;
    }

    public function steps(): array
    {
        $break = (new Spacing($this))->breakAfter() === null ? '' : ' The line is broken where a long time passes.';
        $span = self::years($this->first()->until($this->lastYear()))->written();
        $steps = [new FigureStep(
            'line',
            'the line',
            "This line runs from {$this->first()->written(true)} to {$this->lastYear()->written(true)}: {$span}.{$break}",
        )];
        foreach ($this->hasBank ? [] : $this->events as $number => $event) {
            $since = $number === 0 ? '' : self::years($this->events[$number - 1]->from->until($event->from))->written().' later: ';
            $steps[] = new FigureStep(
                'event-'.($number + 1),
                mb_substr($event->label, 0, 40),
                ucfirst($since).rtrim($event->label, '.').", {$event->written()}.",
            );
        }

        return $steps;
    }

    public function smallest(): Box
    {
        $count = count($this->events);

        return new Box(0, 0, 550, max(300.0, 12 + 80.0 * $count) + ($this->hasBank ? Bank::height($count) : 0.0));
    }

    public function scene(Box $box, RenderContext $context): array
    {
        $pieces = $this->drawn($this->room($box), $context);
        if (! $this->hasBank) {
            return $pieces;
        }
        $line = $pieces['line'];
        foreach ($this->events as $number => $event) {
            array_push($line, ...$this->isPut($event->label) ? $pieces['event-'.($number + 1)] : []);
        }

        return ['line' => [...$line, ...$this->bank($box, $context)->shapes($this->put)]];
    }

    /** @return array<string, list<Shape>> with all events */
    private function drawn(Box $box, RenderContext $context): array
    {
        $lying = new LyingLine($this, $box, $context);

        return $lying->fits() ? $lying->pieces() : (new StandingLine($this, $box, $context))->pieces();
    }

    public function words(): string
    {
        if ($this->hasBank) {
            $labels = implode('; ', array_map(static fn (Event $event): string => $event->label, $this->events));

            return "A timeline from {$this->first()->written(true)} to {$this->lastYear()->written(true)}, for: {$labels}.";
        }

        return 'A timeline: '.implode(
            '; ',
            array_map(static fn (Event $event): string => "{$event->written(true)}, {$event->label}", $this->events),
        ).'.';
    }

    public function task(): array
    {
        $items = array_map(
            static fn (Event $event, int $number): array => ['id' => 'item-'.($number + 1), 'text' => $event->label],
            $this->events,
            array_keys($this->events),
        );

        return [
            'type' => 'order',
            'prompt' => 'Put these in order, the earliest first.',
            'marks' => max(1, min(5, count($items) - 1)),
            'items' => $items,
        ];
    }

    /** Level 1 asks for years between two dates of one era, level 2 across the eras, level 3 for a year so many years later. */
    public function vary(int $seed, int $level): Variation
    {
        $chance = Chance::seeded($seed, $level);
        if ($level === 1) {
            $from = $chance->whole(400, 1500);
            $to = $from + $chance->whole(37, 480);

            return Variation::ask(
                ['events' => "{$from}: A first event\n{$to}: A second event"],
                "How many years lie between {$from} and {$to}?",
                self::years($to - $from),
                [
                    'Both years were counted.' => self::years($to - $from + 1),
                    'The hundreds were borrowed wrongly.' => self::years($to - $from + 100),
                    'Only the last two figures were taken away.' => self::years(abs($to % 100 - $from % 100)),
                ],
            );
        }
        $before = $chance->whole(12, 400);
        $after = $chance->whole(11, 700);
        $between = $before + $after - 1;
        if ($level === 2) {
            return Variation::ask(
                ['events' => "{$before} BCE: A first event\n{$after}: A second event"],
                "How many years lie between {$before} BCE and {$after} CE? There is no year 0.",
                self::years($between),
                [
                    'A year 0 was counted.' => self::years($before + $after),
                    'The years were taken away from each other.' => self::years(abs($before - $after)),
                    'Two years were taken off.' => self::years($between - 1),
                ],
            );
        }
        $events = "{$before} BCE: A first event\n{$after}: A second event";

        return Variation::ask(
            ['events' => $events],
            "Something happened in {$before} BCE. In which year of the common era was it {$between} years ago?",
            Quantity::of($after),
            [
                'A year 0 was counted.' => Quantity::of($after - 1),
                'The years before the common era were added.' => Quantity::of($between + $before),
                'The one year was taken off on the wrong side.' => Quantity::of($after + 1),
            ],
        );
    }

    public function first(): Year
    {
        return $this->events[0]->from;
    }

    public function lastYear(): Year
    {
        return array_reduce(
            $this->events,
            static fn (Year $latest, Event $event): Year => $event->last()->astronomical > $latest->astronomical ? $event->last() : $latest,
            $this->first(),
        );
    }

    private static function years(int $count): Quantity
    {
        return Quantity::of($count, Units::read('years'));
    }
}
