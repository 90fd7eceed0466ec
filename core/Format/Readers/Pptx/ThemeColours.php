<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Pptx;

use Daybright\Format\Readers\Package\OfficePackage;
use DOMElement;
use DOMXPath;

/** The colours that a presentation names instead of giving them (ECMA-376, part 1, 20.1.2.3 and 20.1.6.2). */
final readonly class ThemeColours
{
    /** What the names of a slide stand for where its master says nothing else (19.3.1.6). */
    private const MAP = ['bg1' => 'lt1', 'tx1' => 'dk1', 'bg2' => 'lt2', 'tx2' => 'dk2'];

    private const NAMED = [
        'black' => '000000',
        'white' => 'FFFFFF',
        'red' => 'FF0000',
        'green' => '008000',
        'blue' => '0000FF',
        'yellow' => 'FFFF00',
        'gray' => '808080',
    ];

    /**
     * @param  array<string, string>  $colours six hexadecimal digits each, by their names in the theme
     * @param  array<string, string>  $map name in the theme by the name that a slide uses
     */
    private function __construct(private array $colours, private array $map)
    {
    }

    public static function read(?DOMXPath $theme, ?DOMXPath $master): self
    {
        $colours = [];
        foreach ($theme === null ? [] : OfficePackage::elements($theme, '//a:themeElements/a:clrScheme/*') as $colour) {
            $value = $theme === null ? '' : OfficePackage::text($theme, './a:srgbClr/@val | ./a:sysClr/@lastClr', $colour);
            if (preg_match('/^[\dA-F]{6}$/i', $value) === 1) {
                $colours[(string) $colour->localName] = $value;
            }
        }
        $map = self::MAP;
        $clrMap = $master === null ? null : OfficePackage::elements($master, '/p:sldMaster/p:clrMap')[0] ?? null;
        foreach ($clrMap === null ? [] : $clrMap->attributes as $attribute) {
            $map[(string) $attribute->localName] = (string) $attribute->nodeValue;
        }

        return new self($colours, $map);
    }

    /** @return string|null such as “#1F2D36”; null where nothing is said */
    public function of(DOMXPath $xml, ?DOMElement $holder): ?string
    {
        $colour = $holder === null ? null : OfficePackage::elements($xml, './*[@val] | ./a:sysClr', $holder)[0] ?? null;
        if ($colour === null) {
            return null;
        }
        $value = $colour->getAttribute('val');
        $digits = match ($colour->localName) {
            'srgbClr' => $value,
            'sysClr' => $colour->getAttribute('lastClr'),
            'schemeClr' => $this->colours[$this->map[$value] ?? $value] ?? '',
            'prstClr' => self::NAMED[$value] ?? '808080',
            default => '',
        };

        return preg_match('/^[\dA-F]{6}$/i', $digits) === 1 ? self::changed($xml, $colour, $digits) : null;
    }

    /** Made lighter, darker or paler by what stands in the element. */
    private static function changed(DOMXPath $xml, DOMElement $colour, string $digits): string
    {
        $channels = array_map(static fn (string $pair): float => hexdec($pair) / 255, str_split($digits, 2));
        foreach (OfficePackage::elements($xml, './*', $colour) as $change) {
            $share = min(4.0, max(0.0, (int) $change->getAttribute('val') / 100_000));
            $channels = array_map(static fn (float $channel): float => match ($change->localName) {
                // Of the lightness, which is near enough to each channel's own.
                'lumMod', 'shade' => $channel * $share,
                'lumOff' => $channel + $share,
                'tint' => $channel * $share + 1 - $share,
                // What lies below is not known, and mostly white.
                'alpha' => $channel * $share + 1 - $share,
                default => $channel,
            }, $channels);
        }

        return vsprintf('#%02X%02X%02X', array_map(
            static fn (float $channel): int => (int) round(255 * min(1.0, max(0.0, $channel))),
            $channels,
        ));
    }
}
