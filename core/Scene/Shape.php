<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** One drawn thing: an SVG element, and the box that it fills. */
final readonly class Shape
{
    /**
     * @param  array<string, string|float>  $attributes
     * @param  list<self>  $children
     * @param  string|null  $medium id of the picture file, for an image
     * @param  string|null  $markup SVG made by the formula setter, trusted
     * @param  string|null  $trouble why a formula could not be read
     */
    private function __construct(
        public string $element,
        public array $attributes,
        public Box $box,
        public array $children = [],
        public string $text = '',
        public ?string $medium = null,
        public ?string $markup = null,
        public ?string $trouble = null,
    ) {
    }

    public static function rectangle(Box $box, Paint $paint, float $corner = 0): self
    {
        return new self(
            'rect',
            [
                'x' => $box->x,
                'y' => $box->y,
                'width' => $box->width,
                'height' => $box->height,
            ] + ($corner > 0 ? ['rx' => $corner] : []) + $paint->attributes(),
            $box,
        );
    }

    public static function circle(float $x, float $y, float $radius, Paint $paint): self
    {
        return new self(
            'circle',
            ['cx' => $x, 'cy' => $y, 'r' => $radius] + $paint->attributes(),
            new Box($x - $radius, $y - $radius, 2 * $radius, 2 * $radius),
        );
    }

    public static function ellipse(Box $box, Paint $paint): self
    {
        return new self(
            'ellipse',
            ['cx' => $box->middleX(), 'cy' => $box->middleY(), 'rx' => $box->width / 2, 'ry' => $box->height / 2] + $paint->attributes(),
            $box,
        );
    }

    /** @param  list<array{float, float}>  $points */
    public static function polygon(array $points, Paint $paint): self
    {
        return new self('polygon', ['points' => self::points($points)] + $paint->attributes(), self::around($points));
    }

    /** @param  list<array{float, float}>  $points */
    public static function polyline(array $points, Paint $paint): self
    {
        return new self(
            'polyline',
            ['points' => self::points($points), 'stroke-linecap' => 'round'] + $paint->attributes(),
            self::around($points),
        );
    }

    /**
     * @param  list<array{float, string}>  $words x of each word's left edge, and the word
     * @param  float  $baseline y of the baseline
     */
    public static function words(array $words, float $baseline, FontFace $face, float $size, string $colour, Box $box): self
    {
        $spans = [];
        foreach ($words as $index => [$x, $word]) {
            $spans[] = new self('tspan', ['x' => $x], $box, [], $word.($index < count($words) - 1 ? ' ' : ''));
        }

        return new self(
            'text',
            ['y' => $baseline, 'font-family' => $face->family, 'font-weight' => $face->weight, 'font-size' => $size, 'fill' => $colour],
            $box,
            $spans,
        );
    }

    /** @param  bool  $fills whether the box is filled, and what does not fit is cut off; else all of the picture is seen */
    public static function image(Box $box, string $medium, bool $fills = false): self
    {
        return new self(
            'image',
            [
                'x' => $box->x,
                'y' => $box->y,
                'width' => $box->width,
                'height' => $box->height,
                'preserveAspectRatio' => $fills ? 'xMidYMid slice' : 'xMidYMid meet',
            ],
            $box,
            [],
            '',
            $medium,
        );
    }

    /** A picture as wide and high as its box, whatever it was before. */
    public static function stretched(Box $box, string $medium): self
    {
        $image = self::image($box, $medium);

        return new self('image', ['preserveAspectRatio' => 'none'] + $image->attributes, $box, medium: $medium);
    }

    /**
     * Shapes seen through a window: what lies outside is cut off.
     *
     * @param  Box  $box where the window is
     * @param  Box  $view what is seen through it, in the units of the shapes
     * @param  list<self>  $shapes
     */
    public static function window(Box $box, Box $view, array $shapes): self
    {
        return new self('svg', [
            'x' => $box->x,
            'y' => $box->y,
            'width' => $box->width,
            'height' => $box->height,
            'viewBox' => implode(' ', array_map(self::short(...), [$view->x, $view->y, $view->width, $view->height])),
            'preserveAspectRatio' => 'none',
        ], $box, $shapes);
    }

    /**
     * A shape turned, mirrored or enlarged, and made lighter or darker.
     *
     * @param  string  $transform as SVG has it
     * @param  float  $light what is added to 1, by which every channel is multiplied
     */
    public static function transformed(self $shape, string $transform, float $light): self
    {
        $turned = new self('g', ['transform' => $transform], $shape->box, [$shape]);
        if ($light === 0.0) {
            return $turned;
        }
        $name = 'light'.str_replace(['-', '.'], ['m', 'p'], self::short($light));
        $channel = static fn (string $channel): self => new self(
            "feFunc{$channel}",
            ['type' => 'linear', 'slope' => self::short(1 + $light)],
            $shape->box,
        );

        return new self('g', ['filter' => "url(#{$name})"], $shape->box, [
            new self('filter', ['id' => $name, 'color-interpolation-filters' => 'sRGB'], $shape->box, [
                new self('feComponentTransfer', [], $shape->box, array_map($channel, ['R', 'G', 'B'])),
            ]),
            $turned,
        ]);
    }

    /**
     * A shape as it is seen through a box, out of focus.
     *
     * @param  float  $reach standard deviation of the blur
     */
    public static function blurred(self $shape, Box $box, float $reach): self
    {
        $name = 'blur'.hash('crc32b', serialize([$box, $reach]));
        // What lies beyond three deviations is not seen in the box any more.
        $area = $box->inset(-3 * $reach);
        $filter = new self('filter', [
            'id' => $name,
            'filterUnits' => 'userSpaceOnUse',
            'x' => $area->x,
            'y' => $area->y,
            'width' => $area->width,
            'height' => $area->height,
            'color-interpolation-filters' => 'sRGB',
        ], $area, [new self('feGaussianBlur', ['stdDeviation' => self::short($reach)], $area)]);

        // A window would cut the shape off before it is blurred, and its edges would fade.
        $clip = new self('clipPath', ['id' => "{$name}c"], $box, [self::rectangle($box, Paint::filled(Paint::INK))]);
        $blurred = new self('g', ['filter' => "url(#{$name})"], $box, [$filter, $shape]);

        return new self('g', ['clip-path' => "url(#{$name}c)"], $box, [$clip, $blurred]);
    }

    /** @param  float  $baseline y of the baseline */
    public static function formula(SetFormula $formula, float $x, float $baseline, float $size, string $colour): self
    {
        $scale = $size / 1000;

        return new self(
            'g',
            [
                'transform' => sprintf('translate(%s %s) scale(%s)', self::short($x), self::short($baseline), self::short($scale, 5)),
                'fill' => $colour,
                'stroke' => $colour,
                'stroke-width' => 0,
            ],
            new Box($x, $baseline - $formula->ascent * $size, $formula->width * $size, ($formula->ascent + $formula->descent) * $size),
            [], '', null, $formula->markup, $formula->trouble,
        );
    }

    public static function short(float $number, int $places = 2): string
    {
        return rtrim(rtrim(number_format($number, $places, '.', ''), '0'), '.');
    }

    /**
     * A code to scan, on a light ground with the border of four modules that scanners need (ISO/IEC 18004, quiet zone). Its colours
     * are no palette's: light on dark is not read by every scanner.
     *
     * @return list<self>
     */
    public static function code(ScanCode $code, Box $box): array
    {
        $module = $box->width / ($code->size + 8);
        $corner = [self::short($box->x + 4 * $module), self::short($box->y + 4 * $module)];

        return [self::rectangle($box, Paint::filled('#FFFFFF')), new self('path', [
            'd' => $code->path,
            'transform' => sprintf('translate(%s %s) scale(%s)', ...[...$corner, self::short($module, 4)]),
            'fill' => '#000000',
            'shape-rendering' => 'crispEdges',
        ], $box)];
    }

    /**
     * With its pictures called otherwise.
     *
     * @param  array<string, string>  $media new name by the one it has
     * @return self|null null where one of its pictures is not among them
     */
    public function withMedia(array $media): ?self
    {
        if ($this->medium !== null && ! isset($media[$this->medium])) {
            return null;
        }
        $children = [];
        foreach ($this->children as $child) {
            $renamed = $child->withMedia($media);
            if ($renamed === null) {
                return null;
            }
            $children[] = $renamed;
        }

        return new self(
            $this->element,
            $this->attributes,
            $this->box,
            $children,
            $this->text,
            $this->medium === null ? null : $media[$this->medium],
            $this->markup,
            $this->trouble,
        );
    }

    /** Known by a name in the drawing, so that a player can move it. */
    public function marked(string $name): self
    {
        return new self(
            $this->element,
            ['data-part' => $name] + $this->attributes,
            $this->box,
            $this->children,
            $this->text,
            $this->medium,
            $this->markup,
            $this->trouble,
        );
    }

    /** The same in the colours of a palette. */
    public function in(Palette $palette): self
    {
        $attributes = $this->attributes;
        foreach (['fill', 'stroke'] as $name) {
            if (isset($attributes[$name])) {
                $attributes[$name] = $palette->colour((string) $attributes[$name]);
            }
        }
        $children = array_map(static fn (self $child): self => $child->in($palette), $this->children);

        return new self(
            $this->element,
            $attributes,
            $this->box,
            $children,
            $this->text,
            $this->medium,
            $this->markup,
            $this->trouble,
        );
    }

    public function isText(): bool
    {
        return $this->element === 'text' || $this->markup !== null;
    }

    /** What a reader sees written in this shape. */
    public function written(): string
    {
        return $this->text.implode('', array_map(static fn (self $child): string => $child->written(), $this->children));
    }

    /**
     * The words of a line of text, each with the box that it fills; a formula is one word.
     *
     * @return list<array{string, Box}>
     */
    public function placedWords(): array
    {
        if ($this->markup !== null) {
            return [[$this->markup, $this->box]];
        }
        $starts = array_map(static fn (self $word): float => (float) ($word->attributes['x'] ?? 0), $this->children);
        $words = [];
        foreach ($this->element === 'text' ? $this->children : [] as $number => $word) {
            $width = ($starts[$number + 1] ?? $this->box->right()) - $starts[$number];
            $words[] = [trim($word->text), new Box($starts[$number], $this->box->y, $width, $this->box->height)];
        }

        return $words;
    }

    /** @param  list<array{float, float}>  $points */
    private static function points(array $points): string
    {
        return implode(' ', array_map(static fn (array $point): string => self::short($point[0]).','.self::short($point[1]), $points));
    }

    /** @param  list<array{float, float}>  $points */
    private static function around(array $points): Box
    {
        $x = array_column($points, 0);
        $y = array_column($points, 1);
        if ($x === [] || $y === []) {
            return new Box(0, 0, 0, 0);
        }

        return new Box(min($x), min($y), max($x) - min($x), max($y) - min($y));
    }
}
