<?php

declare(strict_types=1);

namespace Daybright\Format\Presentation;

/** What lies under all slides of a presentation: master, layout, master of the notes, and theme. */
final class PresentationGround
{
    /** Ink, paper and the strong colours of the hours, under the names of a theme (ECMA-376, part 1, 20.1.6.2). */
    private const PALETTE = [
        'dk1' => '1F2D36', 'lt1' => 'FFFFFF', 'dk2' => '2A455C', 'lt2' => 'FBFAF6', 'accent1' => '0B5A60', 'accent2' => '9C3F2A',
        'accent3' => '1B6074', 'accent4' => '6E5800', 'accent5' => '2C6528', 'accent6' => '75386D', 'hlink' => '0B5A60',
        'folHlink' => '3F4092',
    ];

    public static function master(): string
    {
        return PresentationXml::part('sldMaster', '<p:cSld><p:bg><p:bgPr><a:solidFill><a:srgbClr val="FFFFFF"/></a:solidFill><a:effectLst/></p:bgPr></p:bg>'
            .PresentationXml::tree(self::titlePlace()).'</p:cSld>'.self::COLOURS
            .'<p:sldLayoutIdLst><p:sldLayoutId id="2147483649" r:id="rId1"/></p:sldLayoutIdLst>'
            .'<p:txStyles><p:titleStyle/><p:bodyStyle/><p:otherStyle/></p:txStyles>');
    }

    private const COLOURS = '<p:clrMap bg1="lt1" tx1="dk1" bg2="lt2" tx2="dk2" accent1="accent1" accent2="accent2" accent3="accent3"'
        .' accent4="accent4" accent5="accent5" accent6="accent6" hlink="hlink" folHlink="folHlink"/>';

    public static function layout(): string
    {
        $places = '<p:cSld name="Picture and texts">'.PresentationXml::tree(self::titlePlace()).'</p:cSld>';

        return PresentationXml::part('sldLayout', $places.PresentationXml::MAPPED, ' type="titleOnly"');
    }

    public static function notesMaster(): string
    {
        $place = static fn (int $id, string $name, string $kind, int $y, int $height): string => '<p:sp><p:nvSpPr>'
            .'<p:cNvPr id="'.$id.'" name="'.$name.'"/><p:cNvSpPr><a:spLocks noGrp="1"/></p:cNvSpPr><p:nvPr><p:ph '.$kind.'/></p:nvPr></p:nvSpPr>'
            .'<p:spPr><a:xfrm><a:off x="685800" y="'.$y.'"/><a:ext cx="5486400" cy="'.$height.'"/></a:xfrm>'
            .'<a:prstGeom prst="rect"><a:avLst/></a:prstGeom></p:spPr>';
        $text = '<p:txBody><a:bodyPr/><a:lstStyle/><a:p><a:endParaRPr lang="en-GB"/></a:p></p:txBody>';

        return PresentationXml::part('notesMaster', '<p:cSld>'.PresentationXml::tree(
            $place(2, 'Slide', 'type="sldImg" idx="2"', 1143000, 3086100).'</p:sp>'
            .$place(3, 'Notes', 'type="body" idx="1"', 4400550, 3600450).$text.'</p:sp>',
        ).'</p:cSld>'.self::COLOURS);
    }

    private static function titlePlace(): string
    {
        return '<p:sp><p:nvSpPr><p:cNvPr id="2" name="Title"/><p:cNvSpPr><a:spLocks noGrp="1"/></p:cNvSpPr>'
            .'<p:nvPr><p:ph type="title"/></p:nvPr></p:nvSpPr>'
            .'<p:spPr><a:xfrm><a:off x="731520" y="548640"/><a:ext cx="10728960" cy="914400"/></a:xfrm>'
            .'<a:prstGeom prst="rect"><a:avLst/></a:prstGeom></p:spPr>'
            .'<p:txBody><a:bodyPr/><a:lstStyle/><a:p><a:endParaRPr lang="en-GB"/></a:p></p:txBody></p:sp>';
    }

    public static function theme(): string
    {
        $fill = '<a:solidFill><a:schemeClr val="phClr"/></a:solidFill>';
        $line = '<a:ln w="6350"><a:solidFill><a:schemeClr val="phClr"/></a:solidFill></a:ln>';
        $effect = '<a:effectStyle><a:effectLst/></a:effectStyle>';
        $font = '<a:latin typeface="Lexend"/><a:ea typeface=""/><a:cs typeface=""/>';

        $colours = '';
        foreach (self::PALETTE as $name => $value) {
            $colours .= "<a:{$name}><a:srgbClr val=\"{$value}\"/></a:{$name}>";
        }

        return PresentationXml::HEAD.'<a:theme xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" name="Lesson">'
            .'<a:themeElements><a:clrScheme name="Lesson">'.$colours.'</a:clrScheme>'
            .'<a:fontScheme name="Lesson"><a:majorFont>'.$font.'</a:majorFont><a:minorFont>'.$font.'</a:minorFont></a:fontScheme>'
            .'<a:fmtScheme name="Lesson"><a:fillStyleLst>'.str_repeat($fill, 3).'</a:fillStyleLst><a:lnStyleLst>'.str_repeat($line, 3)
            .'</a:lnStyleLst><a:effectStyleLst>'.str_repeat($effect, 3).'</a:effectStyleLst><a:bgFillStyleLst>'.str_repeat($fill, 3)
            .'</a:bgFillStyleLst></a:fmtScheme></a:themeElements></a:theme>';
    }
}
