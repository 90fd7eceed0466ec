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
        $box = $field->room;
        $repetition = $field->repetition;

        return [
            'block' => $block,
            'path' => $field->path,
            'label' => $field->label,
            'box' => [round($box->x, 1), round($box->y, 1), round($box->width, 1), round($box->height, 1)],
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
