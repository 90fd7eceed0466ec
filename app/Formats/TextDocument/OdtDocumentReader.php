<?php

declare(strict_types=1);

namespace App\Formats\TextDocument;

use App\Formats\BroughtSlides\PackagedReader;
use App\Formats\BroughtSlides\ZipParts;
use Daybright\Format\Readers\TextDocument\OdtReader;

/** A text document in ODT (OpenDocument 1.3). */
final class OdtDocumentReader extends PackagedReader
{
    public static function name(): string
    {
        return 'odt';
    }

    public static function label(): string
    {
        return 'Text with headings (ODT)';
    }

    public static function accepts(): array
    {
        return ['.odt'];
    }

    protected static function sign(): string
    {
        return 'mimetype';
    }

    protected static function begins(): string
    {
        return 'application/vnd.oasis.opendocument.text';
    }

    protected static function slides(ZipParts $parts): array
    {
        return (new OdtReader($parts))->slides();
    }
}
