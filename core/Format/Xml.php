<?php

declare(strict_types=1);

namespace Daybright\Format;

/** Writes XML (1.0, fifth edition) from texts. */
final class Xml
{
    public const HEAD = '<?xml version="1.0" encoding="UTF-8"?>'."\n";

    public static function text(string $text): string
    {
        return htmlspecialchars($text, ENT_XML1 | ENT_QUOTES | ENT_SUBSTITUTE);
    }

    /**
     * @param  array<string, string|int|float|null>  $attributes those without a value are left out
     * @param  string  ...$inner elements, or text that is escaped already
     */
    public static function element(string $name, array $attributes = [], string ...$inner): string
    {
        $written = '';
        foreach ($attributes as $attribute => $value) {
            $written .= $value === null ? '' : " {$attribute}=\"".self::text((string) $value).'"';
        }

        return $inner === [] ? "<{$name}{$written}/>" : "<{$name}{$written}>".implode('', $inner)."</{$name}>";
    }
}
