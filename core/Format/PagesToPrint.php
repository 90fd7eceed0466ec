<?php

declare(strict_types=1);

namespace Daybright\Format;

use Daybright\Handout\PrintedPage;

/** Printed pages as one HTML file (the HTML standard, and CSS Paged Media 3): it prints just so, and a screen reader reads it. */
final class PagesToPrint
{
    private const STYLE = <<<'CSS'
        @page { margin: 0; size: %s }
        body { margin: 0; background: #fff }
        section { position: relative; break-after: page; overflow: hidden }
        svg { display: block; width: 100%%; height: auto }
        h1, h2, section > p { position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%%); white-space: nowrap }
        CSS;

    /**
     * @param  string  $size of the paper in CSS, such as “210mm 297mm”
     * @param  list<PrintedPage>  $pages
     * @param  list<array{family: string, weight: int, woff2: string}>  $fonts with their bytes
     */
    public static function html(string $title, string $language, string $size, array $pages, array $fonts): string
    {
        $faces = implode('', array_map(static fn (array $font): string => sprintf(
            '@font-face{font-family:"%s";font-weight:%d;src:url(data:font/woff2;base64,%s)}',
            $font['family'],
            $font['weight'],
            base64_encode($font['woff2']),
        ), $fonts));
        $of = count($pages);
        $sections = array_map(static fn (PrintedPage $page, int $number): string => Xml::element(
            'section',
            [],
            Xml::element('h2', [], 'Page '.($number + 1)." of {$of}"),
            ...[
                ...array_map(static fn (string $row): string => Xml::element('p', [], Xml::text($row)), $page->words),
                '<div aria-hidden="true">'.$page->svg.'</div>',
            ],
        ), $pages, array_keys($pages));

        return "<!doctype html>\n".Xml::element(
            'html',
            ['lang' => $language],
            Xml::element(
                'head',
                [],
                '<meta charset="utf-8">',
                Xml::element('title', [], Xml::text($title)),
                Xml::element('style', [], $faces.sprintf(self::STYLE, $size)),
            ),
            Xml::element('body', [], Xml::element('h1', [], Xml::text($title)), ...$sections),
        );
    }
}
