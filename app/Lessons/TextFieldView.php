<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Scene\Scene;
use Daybright\Scene\TextField;

/** Where the texts of a slide stand and how they are set, for typing them in place. */
final class TextFieldView
{
    /** @return list<array<string, mixed>> */
    public static function all(Scene $scene): array
    {
        $views = [];
        foreach ($scene->fields as $block => $fields) {
            foreach ($fields as $field) {
                $views[] = self::one($block, $field);
            }
        }

        return $views;
    }

    /** @return array<string, mixed> */
    public static function one(string $block, TextField $field): array
    {
        $repetition = $field->repetition;

        return [
            'block' => $block,
            'path' => $field->path,
            'label' => $field->label,
            'box' => BoxView::of($field->room),
            'measure' => ceil($field->measure),
            'size' => round($field->style->size, 2),
            'colour' => $field->style->colour,
            'bold' => $field->style->bold,
            'align' => $field->style->align,
            'leading' => $field->style->leading,
            'hasParagraphs' => $field->hasParagraphs,
            'repetition' => $repetition === null
                ? null
                : ['blank' => $repetition->blank, 'least' => $repetition->least, 'most' => $repetition->most],
        ];
    }
}
