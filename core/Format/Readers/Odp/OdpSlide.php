<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Odp;

use Daybright\Format\Readers\Package\OfficePackage;
use Daybright\Format\Readers\Package\OpenDocumentText;
use Daybright\Format\Readers\Package\Rows;
use Daybright\Format\Readers\Slides\Captions;
use Daybright\Format\Readers\Slides\LeftOut;
use Daybright\Format\Readers\Slides\ReadPicture;
use Daybright\Format\Readers\Slides\ReadPiece;
use Daybright\Format\Readers\Slides\ReadSlide;
use Daybright\Format\Readers\Slides\ReadTable;
use Daybright\Format\Readers\Slides\ReadText;
use Daybright\Format\Readers\Slides\TitleText;
use Daybright\Format\Readers\Slides\TypedText;
use Daybright\Scene\Box;
use DOMElement;
use DOMXPath;

/** One slide of a presentation of OpenDocument. */
final class OdpSlide
{
    private const PRESENTATION = 'urn:oasis:names:tc:opendocument:xmlns:presentation:1.0';

    private const NAMED = 'http://www.w3.org/XML/1998/namespace';

    private const DRAWING = 'urn:oasis:names:tc:opendocument:xmlns:drawing:1.0';

    /** Places of the layout that say nothing about the subject. */
    public const FURNITURE = ['date-time', 'footer', 'header', 'page-number', 'page'];

    private const DEEPEST = 8;

    private string $title = '';

    /** @var list<ReadPiece> */
    private array $pieces = [];

    private readonly LeftOut $left;

    /**
     * @param  array<string, int>  $clicks click that brings a thing, by its name
     * @param  float  $scale units of the page in a centimetre
     */
    private function __construct(private readonly DOMXPath $xml, private readonly array $clicks, private readonly float $scale)
    {
        $this->left = new LeftOut;
    }

    public static function read(DOMXPath $xml, DOMElement $page, OdpStyles $styles): ReadSlide
    {
        $slide = new self($xml, self::clicks($xml, $page), $styles->scaleOf($xml, $page));
        foreach (OfficePackage::elements($xml, './*', $page) as $thing) {
            $slide->take($thing);
        }
        $notes = [];
        $isSaid = static fn (string $line): bool => $line !== '';
        $path = './presentation:notes/draw:frame[@presentation:class="notes"]/draw:text-box/text:p';
        foreach (OfficePackage::elements($xml, $path, $page) as $paragraph) {
            $notes[] = trim((string) preg_replace('/\s+/u', ' ', OpenDocumentText::words($paragraph)));
        }

        [$title, $pieces] = TitleText::found($slide->title, Captions::joined($slide->pieces));

        return new ReadSlide(
            $title,
            $pieces,
            array_values(array_filter($notes, $isSaid)),
            $slide->left->told(),
            page: OdpPage::read($xml, $page, $styles),
            drawn: $slide->left->count(LeftOut::DRAWN),
        );
    }

    private function take(DOMElement $thing): void
    {
        match ($thing->localName) {
            'frame' => $this->takeFrame($thing),
            'g' => array_map($this->take(...), OfficePackage::elements($this->xml, './*', $thing)),
            'line', 'connector' => $this->left->add(LeftOut::LINE),
            'custom-shape', 'rect', 'ellipse', 'circle', 'polygon', 'polyline', 'path' => $this->takeShape($thing),
            default => null,
        };
    }

    private function takeFrame(DOMElement $frame): void
    {
        $kind = $frame->getAttributeNS(self::PRESENTATION, 'class');
        if (in_array($kind, self::FURNITURE, true)) {
            return;
        }
        $text = OfficePackage::elements($this->xml, './draw:text-box', $frame)[0] ?? null;
        $table = OfficePackage::elements($this->xml, './table:table', $frame)[0] ?? null;
        if ($text !== null && $kind === 'title') {
            $this->title = TypedText::plain(OpenDocumentText::words($text));
        } elseif ($text !== null) {
            $this->text($text, $this->clickOf($frame), OdpLength::box($this->xml, $frame, $this->scale));
        } elseif ($table !== null) {
            $rows = Rows::even(array_map(
                static fn (array $row): array => array_map(TypedText::plain(...), $row),
                OpenDocumentText::rows($this->xml, $table),
            ));
            $hasHead = OfficePackage::text($this->xml, './@table:use-first-row-styles', $table) === 'true'
                || OfficePackage::elements($this->xml, './table:table-header-rows', $table) !== [];
            $rows === [] || $this->pieces[] = new ReadTable($rows, $hasHead, false, $this->clickOf($frame));
        } elseif (OfficePackage::elements($this->xml, './draw:image', $frame) !== []) {
            $this->picture($frame);
        } elseif ($kind === '' || OfficePackage::elements($this->xml, './draw:plugin | ./draw:object', $frame) !== []) {
            $this->left->add('a film, a sound or a drawing of another program');
        }
    }

    private function picture(DOMElement $frame): void
    {
        $part = OpenDocumentText::picture($this->xml, $frame);
        if ($part === null) {
            $this->left->add('a picture that lies elsewhere');

            return;
        }
        $said = mb_substr(trim(OpenDocumentText::description($this->xml, $frame)), 0, 1000);
        $this->pieces[] = new ReadPicture($part, $said, null, $this->clickOf($frame), OdpLength::box($this->xml, $frame, $this->scale));
    }

    private function takeShape(DOMElement $shape): void
    {
        $before = count($this->pieces);
        $this->text($shape, $this->clickOf($shape));
        if (count($this->pieces) === $before) {
            $this->left->add(LeftOut::SHAPE);
        }
    }

    private function text(DOMElement $within, int $click, ?Box $box = null): void
    {
        $lines = $this->lines($within, -1);
        if ($lines !== []) {
            $this->pieces[] = new ReadText($lines, $click, $box);
        }
    }

    /**
     * @param  int  $level of the list that it stands in; −1 for none
     * @return list<string>
     */
    private function lines(DOMElement $within, int $level): array
    {
        $lines = [];
        foreach ($level > self::DEEPEST ? [] : OfficePackage::elements($this->xml, './*', $within) as $thing) {
            if (in_array($thing->localName, ['p', 'h'], true)) {
                $words = TypedText::plain(OpenDocumentText::words($thing));
                $words === '' || $lines[] = $level < 0 ? $words : TypedText::point($words, $level);
            } elseif (in_array($thing->localName, ['list', 'list-item', 'list-header'], true)) {
                $lines = [...$lines, ...$this->lines($thing, $level + (int) ($thing->localName === 'list'))];
            }
        }

        return $lines;
    }

    private function clickOf(DOMElement $thing): int
    {
        $name = $thing->getAttributeNS(self::NAMED, 'id') ?: $thing->getAttributeNS(self::DRAWING, 'id');

        return $this->clicks[$name] ?? 0;
    }

    /**
     * The main sequence holds a group a click, and each names what it brings (15.36).
     *
     * @return array<string, int>
     */
    private static function clicks(DOMXPath $xml, DOMElement $page): array
    {
        $clicks = [];
        $click = 0;
        foreach (OfficePackage::elements($xml, './anim:par//anim:seq/anim:par', $page) as $group) {
            $brought = OfficePackage::elements($xml, './/anim:par[@presentation:preset-class="entrance"]//*[@smil:targetElement]', $group);
            $click += $brought === [] ? 0 : 1;
            foreach ($brought as $effect) {
                $clicks[OfficePackage::text($xml, './@smil:targetElement', $effect)] ??= $click;
            }
        }

        return $clicks;
    }
}
