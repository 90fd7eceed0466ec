<?php

declare(strict_types=1);

namespace App\Formats\TextDocument;

use App\Formats\BroughtSlides\PackagedReader;
use App\Formats\BroughtSlides\ZipParts;
use Daybright\Format\Readers\TextDocument\DocxReader;

/** A text document in DOCX (ECMA-376). */
final class DocxDocumentReader extends PackagedReader
{
    public static function name(): string
    {
        return 'docx';
    }

    public static function label(): string
    {
        return 'Text with headings (DOCX)';
    }

    public static function accepts(): array
    {
        return ['.docx'];
    }

    protected static function sign(): string
    {
        return 'word/document.xml';
    }

    protected static function begins(): string
    {
        return '';
    }

    protected static function slides(ZipParts $parts): array
    {
        return (new DocxReader($parts))->slides();
    }
}
