<?php

declare(strict_types=1);

namespace App\Adapters;

/** Drawings as the pages of a PDF, with their texts as texts. */
final class PagesPdf
{
    /**
     * @param  non-empty-list<string>  $pages SVG of each page
     * @param  string  $width and $height of a page, such as “210mm”
     * @return string path of a PDF, to be kept or sent
     */
    public static function join(array $pages, string $width, string $height): string
    {
        return Files::tidily(static function () use ($pages, $width, $height): string {
            $drawn = array_map(static fn (string $page): string => Files::temporaryWith($page, 'svg'), $pages);
            $pdf = Files::temporary('pdf');
            $size = ['--page-width', $width, '--page-height', $height, '-w', $width, '-h', $height];
            Program::run('rsvg', ['-f', 'pdf', '--unlimited', ...$size, '-o', $pdf, ...$drawn]);

            return $pdf;
        });
    }
}
