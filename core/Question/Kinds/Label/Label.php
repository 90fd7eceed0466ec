<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Label;

use Daybright\Lesson\Fields;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;
use Daybright\Question\Share;

/** Name the numbered parts of a picture, with the names given or from memory. Other right names stand behind a stroke: “dial / dial plate”. */
final readonly class Label implements QuestionKind
{
    public function name(): string
    {
        return 'label';
    }

    public function answer(Fields $content): string
    {
        return $this->told($content, array_map(static fn (Fields $point): string => $point->text('name', ''), $content->list('points')));
    }

    public function asked(Fields $content): array
    {
        $names = array_map(static fn (Fields $point): string => trim(explode('/', $point->text('name', ''))[0]), $content->list('points'));
        sort($names);

        return [
            'picture' => $content->text('picture', ''),
            'points' => array_map(static fn (Fields $point): array => ['id' => $point->text('id'), 'x' => $point->number('x', 0), 'y' => $point->number('y', 0)], $content->list('points')),
            'names' => $content->flag('bank', true) ? $names : [],
        ];
    }

    public function shown(Fields $content): array
    {
        $names = $this->asked($content)['names'];

        return is_array($names) && $names !== [] ? [implode(' · ', array_filter($names, is_string(...)))] : [];
    }

    public function mark(Fields $content, string $given): Marking
    {
        $names = GivenAnswer::map($given);
        $points = $content->list('points');
        $wrong = [];
        foreach ($points as $number => $point) {
            $name = $names[$point->text('id')] ?? '';
            if ($name === '') {
                throw InvalidAnswer::notAllNamed();
            }
            if (! in_array(self::folded($name), array_map(self::folded(...), explode('/', $point->text('name', ''))), true)) {
                $wrong[] = (string) ($number + 1);
            }
        }
        $right = count($points) - count($wrong);

        return Share::of($right, count($points), $content->whole('marks', 1), "{$right} of ".count($points).' are right. Look again at part '.implode(', ', $wrong).'.');
    }

    public function readable(Fields $content, string $given): string
    {
        try {
            $names = GivenAnswer::map($given);
        } catch (InvalidAnswer) {
            return $given;
        }

        return $this->told($content, array_map(static fn (Fields $point): string => $names[$point->text('id')] ?? '–', $content->list('points')));
    }

    public function unfinished(Fields $content): ?string
    {
        return match (true) {
            $content->text('picture', '') === '' => 'This question has no picture yet. Choose one.',
            $content->list('points') === [] => 'No part of the picture is marked yet. Click the picture where a part is.',
            array_filter($content->list('points'), static fn (Fields $point): bool => trim($point->text('name', '')) === '') !== [] => 'A part of the picture has no name yet.',
            default => null,
        };
    }

    /** @param  list<string>  $names */
    private function told(Fields $content, array $names): string
    {
        return implode(', ', array_map(static fn (string $name, int $number): string => ($number + 1).' '.trim($name), $names, array_keys($names)));
    }

    /** Spelling counts, capitals, quotation marks and “the” do not. */
    private static function folded(string $name): string
    {
        return (string) preg_replace(['/^(the|an?) /u', '/[\s-]+/u'], ['', ' '], mb_strtolower(trim((string) preg_replace('/[“”"‘’\']/u', '', $name), " .\t\n")));
    }
}
