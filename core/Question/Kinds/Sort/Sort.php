<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Sort;

use Closure;
use Daybright\Lesson\Fields;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\KnowsRightAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;
use Daybright\Question\Share;
use Daybright\Question\ShowsPictures;
use Daybright\Question\Shuffled;

/** Sort things into groups. */
final readonly class Sort implements KnowsRightAnswer, QuestionKind, ShowsPictures
{
    /**
     * @param  list<Group>  $groups
     * @param  list<Thing>  $things
     */
    private function __construct(private array $groups, private array $things)
    {
    }

    public static function name(): string
    {
        return 'sort';
    }

    public static function from(Fields $content): self
    {
        return new self(array_map(Group::from(...), $content->list('groups')), array_map(Thing::from(...), $content->list('items')));
    }

    public function answer(): string
    {
        return $this->sorted(array_column(array_map(static fn (Thing $thing): array => [$thing->id, $thing->group], $this->things), 1, 0));
    }

    public function rightAnswer(): string
    {
        return GivenAnswer::written(array_combine(
            array_map(static fn (Thing $thing): string => $thing->id, $this->things),
            array_map(static fn (Thing $thing): string => $thing->group, $this->things),
        ));
    }

    public function asked(): array
    {
        return [
            'groups' => array_map(static fn (Group $group): array => ['id' => $group->id, 'text' => $group->name], $this->groups),
            'items' => array_map(
                static fn (Thing $thing): array => ['id' => $thing->id, 'text' => $thing->text, 'picture' => $thing->picture],
                $this->shuffled(),
            ),
        ];
    }

    public function shown(): array
    {
        return [
            implode('  |  ', array_map(static fn (Group $group): string => '*'.$group->name.'*', $this->groups)),
            implode(' · ', array_map(static fn (Thing $thing): string => $thing->text, $this->shuffled())),
        ];
    }

    public function mark(string $given, int $marks): Marking
    {
        $places = GivenAnswer::map($given);
        $wrong = [];
        foreach ($this->things as $item) {
            if (($places[$item->id] ?? '') === '') {
                throw InvalidAnswer::notAllPlaced();
            }
            if ($places[$item->id] !== $item->group) {
                $wrong[] = $item->text;
            }
        }
        $right = count($this->things) - count($wrong);

        return Share::award(
            $right,
            count($this->things),
            $marks,
            "{$right} of ".count($this->things).' are in the right group. Look again at: '.implode(', ', $wrong).'.',
        );
    }

    public function readable(string $given): string
    {
        try {
            return $this->sorted(GivenAnswer::map($given));
        } catch (InvalidAnswer) {
            return $given;
        }
    }

    public function unfinished(): ?string
    {
        $groups = array_map(static fn (Group $group): string => $group->id, $this->groups);
        if (count($groups) < 2 || $this->things === []) {
            return 'This question needs at least two groups and something to sort.';
        }
        $lost = array_filter($this->things, static fn (Thing $item): bool => ! in_array($item->group, $groups, true));

        return $lost === [] ? null : 'Some of the things to sort belong to no group yet.';
    }

    public function media(): array
    {
        return array_map(static fn (Thing $thing): string => $thing->picture ?? '', $this->things);
    }

    public function inWords(Closure $plain): self
    {
        return new self(
            array_map(static fn (Group $group): Group => $group->inWords($plain), $this->groups),
            array_map(static fn (Thing $thing): Thing => $thing->inWords($plain), $this->things),
        );
    }

    /** @return list<Thing> */
    private function shuffled(): array
    {
        return Shuffled::shuffle($this->things, static fn (Thing $thing): string => $thing->text.$thing->id);
    }

    /** @param  array<string, string>  $places item => group */
    private function sorted(array $places): string
    {
        $lines = [];
        foreach ($this->groups as $group) {
            $inside = array_filter($this->things, static fn (Thing $item): bool => ($places[$item->id] ?? '') === $group->id);
            $lines[] = $group->name.': '.($inside === [] ? '–' : implode(
                ', ',
                array_map(static fn (Thing $thing): string => $thing->text, $inside),
            ));
        }

        return implode('; ', $lines);
    }
}
