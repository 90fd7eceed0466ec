<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Pptx;

use Daybright\Format\Readers\Package\OfficePackage;
use Daybright\Format\Readers\Package\Rows;
use Daybright\Format\Readers\Slides\ReadChart;
use Daybright\Format\Readers\Slides\ReadTable;
use DOMElement;
use DOMXPath;

/** The numbers of a chart (ECMA-376, part 1, 21.2) as a table: categories down, a column a series. */
final class PptxChart
{
    private const MOST = 200;

    /** Kinds of plot by the kind of chart (21.2.2.145); what is not named is drawn as bars. */
    private const KINDS = [
        'lineChart' => 'lines',
        'line3DChart' => 'lines',
        'areaChart' => 'lines',
        'stockChart' => 'lines',
        'scatterChart' => 'scatter',
        'bubbleChart' => 'scatter',
    ];

    /**
     * @param  array<string, array{kind: string, part: string}>  $relations of the sheet that its frame stands on
     * @return ReadChart|ReadTable|null null where the frame holds no chart, or one without numbers
     */
    public static function of(
        OfficePackage $package,
        DOMXPath $sheet,
        DOMElement $frame,
        array $relations,
        int $click,
    ): ReadChart|ReadTable|null {
        $chart = OfficePackage::elements($sheet, './a:graphic/a:graphicData/c:chart', $frame)[0] ?? null;
        $part = $relations[$chart?->getAttributeNS(PptxPicture::RELATION, 'id') ?? '']['part'] ?? '';
        $xml = $package->xml($part);
        $series = $xml === null ? [] : OfficePackage::elements($xml, '//c:plotArea/*/c:ser');
        $rows = $xml === null || $series === [] ? [] : self::rows($xml, $series);
        if ($rows === []) {
            return null;
        }

        return ReadChart::plotted($rows, self::KINDS[(string) $series[0]->parentNode?->localName] ?? 'bars', $click);
    }

    /**
     * @param  non-empty-list<DOMElement>  $series
     * @return list<non-empty-list<string>> none where it holds no numbers
     */
    private static function rows(DOMXPath $xml, array $series): array
    {
        $names = self::points($xml, $series[0], './c:cat//c:pt | ./c:xVal//c:pt');
        $columns = array_map(static fn (DOMElement $each): array => self::points($xml, $each, './c:val//c:pt | ./c:yVal//c:pt'), $series);
        $last = max([-1, ...array_keys($names), ...array_merge(...array_map(array_keys(...), $columns))]);
        $titles = array_map(static fn (DOMElement $each): string => OfficePackage::text($xml, './c:tx//c:v', $each), $series);
        $across = OfficePackage::text($xml, '(//c:catAx | //c:dateAx | //c:valAx[c:axPos/@val="b"])[1]/c:title//a:t');
        $rows = [[trim($across), ...$titles]];
        for ($row = 0; $row <= $last; $row++) {
            $rows[] = [$names[$row] ?? '', ...array_map(static fn (array $column): string => $column[$row] ?? '', $columns)];
        }

        return $last < 0 ? [] : Rows::even($rows);
    }

    /** @return array<int, string> by number of the category, from 0 */
    private static function points(DOMXPath $xml, DOMElement $series, string $path): array
    {
        $points = [];
        foreach (OfficePackage::elements($xml, $path, $series) as $point) {
            $number = (int) $point->getAttribute('idx');
            if ($number >= 0 && $number < self::MOST) {
                $points[$number] = self::short(trim($point->textContent));
            }
        }

        return $points;
    }

    /** Numbers are kept as computers have them: 0.30000000000000004 was typed as 0.3. */
    private static function short(string $value): string
    {
        return is_numeric($value) && strlen($value) > 12 ? rtrim(rtrim(number_format((float) $value, 6, '.', ''), '0'), '.') : $value;
    }
}
