<?php

declare(strict_types=1);

namespace Daybright\Scene;

use Closure;
use DOMDocument;

/** Writes a scene as SVG that every renderer draws alike. */
final readonly class SvgWriter
{
    /** @param  Closure(string): string  $source the address of a picture file, by medium id */
    public function __construct(private Closure $source)
    {
    }

    /**
     * @param  Box|null  $view what is seen of the page; all of it when left out
     *
     * @throws MalformedDrawing
     */
    public function write(Scene $scene, ?Box $view = null): string
    {
        $view ??= $scene->page;
        $groups = implode('', array_map($this->group(...), $scene->groups));

        return self::wellFormed(
            '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="'.implode(
                ' ',
                array_map(Shape::short(...), [$view->x, $view->y, $view->width, $view->height]),
            ).'" font-variant-ligatures="none" style="font-variant-ligatures:none;font-kerning:none">'.$groups.'</svg>',
        );
    }

    /** What is not well-formed is skipped by a renderer without a word, and every later picture takes the place of the one before. */
    private static function wellFormed(string $svg): string
    {
        $before = libxml_use_internal_errors(true);
        try {
            if ((new DOMDocument)->loadXML($svg, LIBXML_NONET | LIBXML_PARSEHUGE)) {
                return $svg;
            }
            $error = libxml_get_last_error();
            throw MalformedDrawing::at($error === false ? 0 : $error->line, $error === false ? '' : $error->message);
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
    }

    private function group(Group $group): string
    {
        $attributes = ['data-block' => $group->block, 'data-piece' => $group->piece, 'data-step' => $group->step];
        if ($group->until !== '') {
            $attributes['data-until'] = $group->until;
        }
        $moved = $group->x !== 0.0 || $group->y !== 0.0 ? 'translate('.Shape::short($group->x).' '.Shape::short($group->y).')' : '';
        $scaled = $group->scale !== 1.0 ? 'scale('.Shape::short($group->scale, 4).')' : '';
        if ($moved.$scaled !== '') {
            $attributes['transform'] = trim($moved.' '.$scaled);
        }

        return self::element('g', $attributes, implode('', array_map($this->shape(...), $group->shapes)));
    }

    private function shape(Shape $shape): string
    {
        $attributes = $shape->attributes;
        if ($shape->medium !== null) {
            $attributes['xlink:href'] = ($this->source)($shape->medium);
        }
        $inner = $shape->markup ?? self::escape($shape->text).implode('', array_map($this->shape(...), $shape->children));

        return self::element($shape->element, $attributes, $inner);
    }

    /** @param  array<string, string|float|int>  $attributes */
    private static function element(string $name, array $attributes, string $inner): string
    {
        $written = '';
        foreach ($attributes as $key => $value) {
            $written .= ' '.$key.'="'.(is_string($value) ? self::escape($value) : Shape::short((float) $value)).'"';
        }

        return $inner === '' ? "<{$name}{$written}/>" : "<{$name}{$written}>{$inner}</{$name}>";
    }

    private static function escape(string $text): string
    {
        return htmlspecialchars($text, ENT_XML1 | ENT_QUOTES | ENT_SUBSTITUTE);
    }
}
