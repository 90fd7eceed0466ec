<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** How a shape is filled and outlined. */
final readonly class Paint
{
    public const INK = '#1F2D36';

    public const PAPER = '#FBFAF6';

    /** Of cards, and of what is written on a strong colour. */
    public const CARD = '#FFFFFF';

    public const RULE = '#D8D4C8';

    public const ACTION = '#0B5A60';

    public const QUIET = '#55626A';

    /** @param  float  $stroke outline width in slide units */
    private function __construct(
        private string $fill,
        private string $line,
        private float $stroke,
        private string $dash,
        private float $opacity = 1,
    ) {
    }

    public static function filled(string $fill): self
    {
        return new self($fill, 'none', 0, '');
    }

    /** @param  float  $opacity from 0 to 1 */
    public static function translucent(string $fill, float $opacity): self
    {
        return new self($fill, 'none', 0, '', $opacity);
    }

    public static function outlined(string $line, float $stroke = 3, string $fill = 'none', string $dash = ''): self
    {
        return new self($fill, $line, $stroke, $dash);
    }

    /** @return array<string, string|float> */
    public function attributes(): array
    {
        return array_filter([
            'fill' => $this->fill,
            'fill-opacity' => $this->opacity < 1 ? $this->opacity : '',
            'stroke' => $this->stroke > 0 ? $this->line : '',
            'stroke-width' => $this->stroke > 0 ? $this->stroke : '',
            'stroke-dasharray' => $this->dash,
            'stroke-linejoin' => $this->stroke > 0 ? 'round' : '',
        ], static fn (string|float $value): bool => $value !== '');
    }
}
