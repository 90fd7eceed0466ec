<?php

declare(strict_types=1);

namespace Daybright\Format\Presentation;

use Daybright\Block\SlideFacts;
use Daybright\Language\PlainWords;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Lesson\Step;
use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Scene;
use Daybright\Scene\TextField;

/** A slide parted into the texts that can be edited elsewhere, and the picture of all the rest. */
final readonly class EditableSlide
{
    /** A line belongs to a text if it stands in its room, give or take so many units. */
    private const TOLERANCE = 4.0;

    /**
     * @param  Scene  $picture what is no such text
     * @param  list<EditableText>  $texts in the order of reading
     * @param  string  $notes what is said
     */
    private function __construct(
        public string $title,
        public Scene $picture,
        public array $texts,
        public string $description,
        public string $notes,
    ) {
    }

    public static function part(Lesson $lesson, Slide $slide, Scene $scene): self
    {
        $seen = $scene->at(max(0, count($slide->steps) - 1));
        $facts = SlideFacts::on($slide);
        $texts = [];
        $groups = $seen->groups;
        foreach ($seen->fields as $block => $fields) {
            foreach ($fields as $field) {
                $typed = self::typed($slide, (string) $block, $field->path);
                $taken = $typed === null ? null : self::taken($groups, (string) $block, $field);
                $paragraphs = $taken === null ? [] : self::paragraphs((string) $typed, $facts);
                if ($taken === null || ! self::sayTheSame($taken['written'], $paragraphs)) {
                    continue;
                }
                $groups = $taken['groups'];
                $texts[] = new EditableText($block === '', $field->room, $field->style, $taken['typeface'], $paragraphs);
            }
        }
        $script = array_map(static fn (Step $step): string => PlainWords::read($step->script, $facts), $slide->steps);

        return new self(
            PlainWords::read($slide->title, $facts),
            $seen->withGroups($groups),
            $texts,
            $seen->description(),
            implode("\n", array_filter($script, static fn (string $line): bool => $line !== '')),
        );
    }

    /** As it was typed; null where there is no text of this path. */
    private static function typed(Slide $slide, string $block, string $path): ?string
    {
        $value = $block === '' ? ['title' => $slide->title] : $slide->block($block)?->content->raw();
        foreach (explode('/', $path) as $name) {
            $value = is_array($value) ? $value[$name] ?? null : null;
        }

        return is_string($value) && trim($value) !== '' ? $value : null;
    }

    /**
     * The lines of a text, and what is left without them.
     *
     * @param  list<Group>  $groups
     * @return array{groups: list<Group>, written: string, typeface: string}|null null where formulas or nothing stand there
     */
    private static function taken(array $groups, string $block, TextField $field): ?array
    {
        $written = [];
        $typeface = '';
        $left = [];
        foreach ($groups as $group) {
            $stays = [];
            foreach ($group->block === $block ? $group->shapes : [] as $shape) {
                $isThere = self::stands($group->boxOf($shape), $field->room);
                if ($isThere && $shape->markup !== null) {
                    return null;
                }
                if ($isThere && $shape->isText()) {
                    $written[] = $shape->written();
                    $family = $shape->attributes['font-family'] ?? '';
                    $typeface = is_string($family) ? explode(',', $family)[0] : '';
                } else {
                    $stays[] = $shape;
                }
            }
            $left[] = $group->block === $block ? $group->with($stays) : $group;
        }

        return $written === [] ? null : ['groups' => $left, 'written' => implode(' ', $written), 'typeface' => $typeface];
    }

    private static function stands(Box $line, Box $room): bool
    {
        return $line->middleY() > $room->y - self::TOLERANCE
            && $line->middleY() < $room->bottom() + self::TOLERANCE
            && $line->x > $room->x - self::TOLERANCE
            && $line->right() < $room->right() + self::TOLERANCE;
    }

    /**
     * @param  array<string, string>  $facts
     * @return list<array{text: string, isPoint: bool}>
     */
    private static function paragraphs(string $typed, array $facts): array
    {
        $paragraphs = [];
        foreach (explode("\n", $typed) as $line) {
            $text = PlainWords::read($line, $facts);
            if ($text !== '') {
                $paragraphs[] = ['text' => $text, 'isPoint' => str_starts_with($line, '- ')];
            }
        }

        return $paragraphs;
    }

    /**
     * What is drawn may say more than what was typed, such as a number before it: then it stays in the picture.
     *
     * @param  list<array{text: string, isPoint: bool}>  $paragraphs
     */
    private static function sayTheSame(string $written, array $paragraphs): bool
    {
        $letters = static fn (string $text): string => (string) preg_replace('/[\s•]+/u', '', $text);

        return $letters($written) === $letters(implode('', array_column($paragraphs, 'text')));
    }
}
