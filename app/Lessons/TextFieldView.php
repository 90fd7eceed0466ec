<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Scene\Box;
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

    /** @return list<array<string, mixed>> points that can be moved where they stand */
    public static function handles(Scene $scene): array
    {
        $views = [];
        foreach ($scene->handles as $block => $handles) {
            foreach ($handles as $handle) {
                $views[] = [
                    'block' => $block,
                    'path' => $handle->path,
                    'label' => $handle->label,
                    'area' => self::box($handle->area),
                    'x' => $handle->x,
                    'y' => $handle->y,
                ];
            }
        }

        return $views;
    }

    /** @return list<float> */
    private static function box(Box $box): array
    {
        return [round($box->x, 1), round($box->y, 1), round($box->width, 1), round($box->height, 1)];
    }

    /** @return array<string, mixed> */
    public static function one(string $block, TextField $field): array
    {
        $repetition = $field->repetition;

        return [
            'block' => $block,
            'path' => $field->path,
            'label' => $field->label,
            'box' => self::box($field->room),
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
