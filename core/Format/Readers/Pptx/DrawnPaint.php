<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Pptx;

use Daybright\Format\Readers\Package\OfficePackage;
use Daybright\Scene\Paint;
use DOMElement;
use DOMXPath;

/** How a shape is filled and outlined (ECMA-376, part 1, 20.1.8 and 20.1.2.2.24), by what the shape or one above it says. */
final readonly class DrawnPaint
{
    private const FILLS = ['noFill', 'solidFill', 'gradFill', 'pattFill', 'blipFill', 'grpFill'];

    /** Width of a line where nothing is said: three quarters of a point, in lengths of the file. */
    private const WIDTH = 9525;

    /** Lengths of dash and gap in widths of the line. */
    private const DASHES = [
        'dot' => '1 2',
        'sysDot' => '1 1.5',
        'dash' => '4 3',
        'sysDash' => '3 1.5',
        'lgDash' => '8 3',
        'dashDot' => '4 3 1 3',
    ];

    /**
     * @param  string|null  $fill colour; null for none
     * @param  string|null  $line colour; null for none
     * @param  float  $width of the line in units of the page
     */
    private function __construct(
        public ?string $fill,
        public ?string $line,
        public float $width,
        public string $dash,
        public bool $hasHeadAtStart,
        public bool $hasHeadAtEnd,
    ) {
    }

    /** @param  non-empty-list<array{xml: DOMXPath, shape: DOMElement}>  $chain */
    public static function read(array $chain, ThemeColours $colours, PageScale $scale): self
    {
        $fill = null;
        foreach ($chain as $each) {
            $said = self::fill($each['xml'], OfficePackage::elements($each['xml'], './p:spPr', $each['shape'])[0] ?? null, $colours);
            if ($said !== null) {
                $fill = $said;
                break;
            }
        }
        [$xml, $shape] = [$chain[0]['xml'], $chain[0]['shape']];
        // The style of a shape gives colours where its own properties say nothing (20.1.4.2).
        $fill ??= self::styled($xml, $shape, 'fillRef', $colours) ?? '';
        $line = null;
        foreach ($chain as $each) {
            $line ??= OfficePackage::elements($each['xml'], './p:spPr/a:ln', $each['shape'])[0] ?? null;
            $xml = $line === $each['shape'] ? $each['xml'] : $xml;
        }
        $colour = $line === null ? null : self::fill($xml, $line, $colours);
        $colour ??= self::styled($chain[0]['xml'], $shape, 'lnRef', $colours) ?? ($line === null ? '' : null) ?? '';
        $width = max(1.2, $scale->across((float) ($line?->getAttribute('w') ?: self::WIDTH)));
        $head = static fn (string $end): bool => $line !== null
            && ! in_array(OfficePackage::text($xml, "./a:{$end}/@type", $line), ['', 'none'], true);

        return new self(
            $fill ?: null,
            $colour ?: null,
            $width,
            self::dash($line === null ? '' : OfficePackage::text($xml, './a:prstDash/@val', $line), $width),
            $head('headEnd'),
            $head('tailEnd'),
        );
    }

    /** @return Paint|null null where nothing is drawn */
    public function paint(): ?Paint
    {
        return match (true) {
            $this->line !== null => Paint::outlined($this->line, $this->width, $this->fill ?? 'none', $this->dash),
            $this->fill !== null => Paint::filled($this->fill),
            default => null,
        };
    }

    /** @return string|null a colour, or nothing for “not filled”; null where nothing is said */
    public static function fill(DOMXPath $xml, ?DOMElement $holder, ThemeColours $colours): ?string
    {
        foreach ($holder === null ? [] : OfficePackage::elements($xml, './*', $holder) as $fill) {
            if (in_array($fill->localName, self::FILLS, true)) {
                return match ($fill->localName) {
                    'solidFill' => $colours->of($xml, $fill) ?? '',
                    'gradFill' => $colours->of($xml, OfficePackage::elements($xml, './a:gsLst/a:gs', $fill)[0] ?? null) ?? '',
                    'pattFill' => $colours->of($xml, OfficePackage::elements($xml, './a:fgClr', $fill)[0] ?? null) ?? '',
                    default => '',
                };
            }
        }

        return null;
    }

    private static function styled(DOMXPath $xml, DOMElement $shape, string $kind, ThemeColours $colours): ?string
    {
        $reference = OfficePackage::elements($xml, "./p:style/a:{$kind}", $shape)[0] ?? null;

        return $reference === null || $reference->getAttribute('idx') === '0' ? null : $colours->of($xml, $reference);
    }

    private static function dash(string $name, float $width): string
    {
        $pattern = self::DASHES[$name] ?? '';

        return implode(' ', array_map(
            static fn (string $length): string => (string) round((float) $length * $width, 1),
            $pattern === '' ? [] : explode(' ', $pattern),
        ));
    }
}
