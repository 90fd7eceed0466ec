<?php

declare(strict_types=1);

namespace Daybright\Format\Presentation;

/**
 * The parts of a presentation (ECMA-376, part 1: PresentationML; part 2: packages) by their names. Each slide is a picture with its
 * texts over it as boxes that can be edited, its description, and what is said in its notes.
 */
final class PresentationParts
{
    /** English Metric Units to a unit of a slide: 1600 units are 13⅓ inches of 914 400. */
    private const EMU = 7620;

    private const WIDTH = 12_192_000;

    private const HEIGHT = 6_858_000;

    private const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships/';

    private const TYPES = 'application/vnd.openxmlformats-officedocument.';

    /** Where the picture of a slide is to be put, counted from 1. */
    public static function picture(int $number): string
    {
        return "ppt/media/image{$number}.png";
    }

    /**
     * @param  non-empty-list<EditableSlide>  $slides
     * @param  string  $at when it is written, as RFC 3339 has it
     * @return array<string, string> all parts but the pictures
     */
    public static function write(string $title, array $slides, string $at): array
    {
        $parts = [
            '[Content_Types].xml' => self::contentTypes(count($slides)),
            '_rels/.rels' => self::relations([
                ['officeDocument', 'ppt/presentation.xml'],
                ['http://schemas.openxmlformats.org/package/2006/relationships/metadata/core-properties', 'docProps/core.xml'],
            ]),
            'docProps/core.xml' => self::properties($title, $at),
            'ppt/presentation.xml' => self::presentation(count($slides)),
            'ppt/_rels/presentation.xml.rels' => self::relations([
                ['slideMaster', 'slideMasters/slideMaster1.xml'],
                ['notesMaster', 'notesMasters/notesMaster1.xml'],
                ['theme', 'theme/theme1.xml'],
                ...array_map(
                    static fn (int $number): array => ['slide', "slides/slide{$number}.xml"],
                    range(1, count($slides)),
                ),
            ]),
            'ppt/theme/theme1.xml' => PresentationGround::theme(),
            'ppt/theme/theme2.xml' => PresentationGround::theme(),
            'ppt/slideMasters/slideMaster1.xml' => PresentationGround::master(),
            'ppt/slideMasters/_rels/slideMaster1.xml.rels' => self::relations([
                ['slideLayout', '../slideLayouts/slideLayout1.xml'],
                ['theme', '../theme/theme1.xml'],
            ]),
            'ppt/slideLayouts/slideLayout1.xml' => PresentationGround::layout(),
            'ppt/slideLayouts/_rels/slideLayout1.xml.rels' => self::relations([['slideMaster', '../slideMasters/slideMaster1.xml']]),
            'ppt/notesMasters/notesMaster1.xml' => PresentationGround::notesMaster(),
            'ppt/notesMasters/_rels/notesMaster1.xml.rels' => self::relations([['theme', '../theme/theme2.xml']]),
        ];
        foreach ($slides as $index => $slide) {
            $number = $index + 1;
            $parts["ppt/slides/slide{$number}.xml"] = self::slide($slide);
            $parts["ppt/slides/_rels/slide{$number}.xml.rels"] = self::relations([
                ['slideLayout', '../slideLayouts/slideLayout1.xml'],
                ['image', "../media/image{$number}.png"],
                ['notesSlide', "../notesSlides/notesSlide{$number}.xml"],
            ]);
            $parts["ppt/notesSlides/notesSlide{$number}.xml"] = self::notes($slide);
            $parts["ppt/notesSlides/_rels/notesSlide{$number}.xml.rels"] = self::relations([
                ['notesMaster', '../notesMasters/notesMaster1.xml'],
                ['slide', "../slides/slide{$number}.xml"],
            ]);
        }

        return $parts;
    }

    private static function slide(EditableSlide $slide): string
    {
        $picture = '<p:pic><p:nvPicPr><p:cNvPr id="2" name="Picture" descr="'.PresentationXml::escaped($slide->description).'"/>'
            .'<p:cNvPicPr><a:picLocks noChangeAspect="1"/></p:cNvPicPr><p:nvPr/></p:nvPicPr>'
            .'<p:blipFill><a:blip r:embed="rId2"/><a:stretch><a:fillRect/></a:stretch></p:blipFill>'
            .'<p:spPr><a:xfrm><a:off x="0" y="0"/><a:ext cx="'.self::WIDTH.'" cy="'.self::HEIGHT.'"/></a:xfrm>'
            .'<a:prstGeom prst="rect"><a:avLst/></a:prstGeom></p:spPr></p:pic>';
        $texts = '';
        foreach ($slide->texts as $index => $text) {
            $texts .= self::text($text, $index + 3);
        }
        $shapes = '<p:cSld name="'.PresentationXml::escaped($slide->title).'">'.PresentationXml::tree($picture.$texts).'</p:cSld>';

        return PresentationXml::part('sld', $shapes.PresentationXml::MAPPED);
    }

    private static function text(EditableText $text, int $id): string
    {
        $box = $text->box;
        $kind = $text->isTitle ? '<p:cNvSpPr/><p:nvPr><p:ph type="title"/></p:nvPr>' : '<p:cNvSpPr txBox="1"/><p:nvPr/>';
        $paragraphs = implode('', array_map(
            static fn (array $paragraph): string => self::paragraph($text, $paragraph['text'], $paragraph['isPoint']),
            $text->paragraphs,
        ));

        return '<p:sp><p:nvSpPr><p:cNvPr id="'.$id.'" name="'.($text->isTitle ? 'Title' : 'Text').' '.$id.'"/>'.$kind.'</p:nvSpPr>'
            .'<p:spPr><a:xfrm><a:off x="'.self::emu($box->x).'" y="'.self::emu($box->y).'"/>'
            .'<a:ext cx="'.self::emu($box->width).'" cy="'.self::emu($box->height).'"/></a:xfrm>'
            .'<a:prstGeom prst="rect"><a:avLst/></a:prstGeom><a:noFill/></p:spPr>'
            .'<p:txBody><a:bodyPr wrap="square" lIns="0" tIns="0" rIns="0" bIns="0" anchor="t"><a:noAutofit/></a:bodyPr><a:lstStyle/>'
            .$paragraphs.'</p:txBody></p:sp>';
    }

    private static function paragraph(EditableText $text, string $words, bool $isPoint): string
    {
        $style = $text->style;
        $align = $style->align === 0.0 ? 'l' : ($style->align === 1.0 ? 'r' : 'ctr');
        $indent = self::emu($style->size);
        $point = $isPoint ? '<a:buChar char="•"/>' : '<a:buNone/>';
        $left = $isPoint ? ' marL="'.$indent.'" indent="-'.$indent.'"' : ' marL="0" indent="0"';
        // Hundredths of a point: a unit of the slide is three fifths of one.
        $leading = (int) round($style->size * $style->leading * 60);
        $size = (int) round($style->size * 60);

        return '<a:p><a:pPr algn="'.$align.'"'.$left.'><a:lnSpc><a:spcPts val="'.$leading.'"/></a:lnSpc>'
            .'<a:spcBef><a:spcPts val="0"/></a:spcBef>'.$point.'</a:pPr>'
            .'<a:r><a:rPr lang="en-GB" sz="'.$size.'" b="'.(int) $style->bold.'">'
            .'<a:solidFill><a:srgbClr val="'.ltrim($style->colour, '#').'"/></a:solidFill>'
            .'<a:latin typeface="'.PresentationXml::escaped($text->typeface).'"/></a:rPr>'
            .'<a:t>'.PresentationXml::escaped($words).'</a:t></a:r></a:p>';
    }

    private static function notes(EditableSlide $slide): string
    {
        $lines = implode('', array_map(
            static fn (string $line): string => $line === ''
                ? '<a:p><a:endParaRPr lang="en-GB"/></a:p>'
                : '<a:p><a:r><a:rPr lang="en-GB"/><a:t>'.PresentationXml::escaped($line).'</a:t></a:r></a:p>',
            explode("\n", $slide->notes),
        ));
        $shapes = '<p:sp><p:nvSpPr><p:cNvPr id="2" name="Slide"/><p:cNvSpPr><a:spLocks noGrp="1" noRot="1" noChangeAspect="1"/></p:cNvSpPr>'
            .'<p:nvPr><p:ph type="sldImg"/></p:nvPr></p:nvSpPr><p:spPr/></p:sp>'
            .'<p:sp><p:nvSpPr><p:cNvPr id="3" name="Notes"/><p:cNvSpPr><a:spLocks noGrp="1"/></p:cNvSpPr>'
            .'<p:nvPr><p:ph type="body" idx="1"/></p:nvPr></p:nvSpPr><p:spPr/>'
            .'<p:txBody><a:bodyPr/><a:lstStyle/>'.$lines.'</p:txBody></p:sp>';

        return PresentationXml::part('notes', '<p:cSld>'.PresentationXml::tree($shapes).'</p:cSld>'.PresentationXml::MAPPED);
    }

    private static function presentation(int $slides): string
    {
        $list = '';
        for ($number = 1; $number <= $slides; $number++) {
            $list .= '<p:sldId id="'.(255 + $number).'" r:id="rId'.(3 + $number).'"/>';
        }

        return PresentationXml::part('presentation', '<p:sldMasterIdLst><p:sldMasterId id="2147483648" r:id="rId1"/></p:sldMasterIdLst>'
            .'<p:notesMasterIdLst><p:notesMasterId r:id="rId2"/></p:notesMasterIdLst>'
            .'<p:sldIdLst>'.$list.'</p:sldIdLst>'
            .'<p:sldSz cx="'.self::WIDTH.'" cy="'.self::HEIGHT.'"/><p:notesSz cx="'.self::HEIGHT.'" cy="9144000"/>');
    }

    private static function contentTypes(int $slides): string
    {
        $parts = [
            'ppt/presentation.xml' => 'presentationml.presentation.main+xml',
            'ppt/slideMasters/slideMaster1.xml' => 'presentationml.slideMaster+xml',
            'ppt/slideLayouts/slideLayout1.xml' => 'presentationml.slideLayout+xml',
            'ppt/notesMasters/notesMaster1.xml' => 'presentationml.notesMaster+xml',
            'ppt/theme/theme1.xml' => 'theme+xml',
            'ppt/theme/theme2.xml' => 'theme+xml',
        ];
        for ($number = 1; $number <= $slides; $number++) {
            $parts["ppt/slides/slide{$number}.xml"] = 'presentationml.slide+xml';
            $parts["ppt/notesSlides/notesSlide{$number}.xml"] = 'presentationml.notesSlide+xml';
        }
        $written = '';
        foreach ($parts as $name => $type) {
            $written .= '<Override PartName="/'.$name.'" ContentType="'.self::TYPES.$type.'"/>';
        }

        return PresentationXml::HEAD.'<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types">'
            .'<Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>'
            .'<Default Extension="xml" ContentType="application/xml"/><Default Extension="png" ContentType="image/png"/>'
            .$written.'<Override PartName="/docProps/core.xml" ContentType="application/vnd.openxmlformats-package.core-properties+xml"/></Types>';
    }

    private static function properties(string $title, string $at): string
    {
        return PresentationXml::HEAD.'<cp:coreProperties xmlns:cp="http://schemas.openxmlformats.org/package/2006/metadata/core-properties"'
            .' xmlns:dc="http://purl.org/dc/elements/1.1/" xmlns:dcterms="http://purl.org/dc/terms/"'
            .' xmlns:xsi="http://www.w3.org/2001/XMLSchema-instance"><dc:title>'.PresentationXml::escaped($title).'</dc:title>'
            .'<dcterms:created xsi:type="dcterms:W3CDTF">'.PresentationXml::escaped($at).'</dcterms:created></cp:coreProperties>';
    }

    /** @param  list<array{string, string}>  $targets kind and target of each, the first of which is rId1 */
    private static function relations(array $targets): string
    {
        $written = '';
        foreach ($targets as $index => [$kind, $target]) {
            $type = str_starts_with($kind, 'http') ? $kind : self::RELATIONS.$kind;
            $written .= '<Relationship Id="rId'.($index + 1).'" Type="'.$type.'" Target="'.$target.'"/>';
        }

        return PresentationXml::HEAD.'<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'.$written.'</Relationships>';
    }

    private static function emu(float $units): int
    {
        return (int) round($units * self::EMU);
    }
}
