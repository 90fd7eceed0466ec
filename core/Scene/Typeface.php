<?php

declare(strict_types=1);

namespace Daybright\Scene;

/**
 * The two cuts of a family that slides are set in.
 *
 * @phpstan-import-type FaceMetrics from FontFace
 */
final readonly class Typeface
{
    public function __construct(public FontFace $regular, public FontFace $bold)
    {
    }

    /**
     * @param  array<string, array{otherwise: string, regular: FaceMetrics, bold: FaceMetrics}>  $metrics as in fonts/metrics.php
     * @return array<string, self> by name
     */
    public static function all(array $metrics): array
    {
        return array_map(static function (array $face) use ($metrics): self {
            $otherwise = $metrics[$face['otherwise']];

            return new self(FontFace::from($face['regular'], $otherwise['regular']), FontFace::from($face['bold'], $otherwise['bold']));
        }, $metrics);
    }

    public function cut(bool $bold): FontFace
    {
        return $bold ? $this->bold : $this->regular;
    }
}
