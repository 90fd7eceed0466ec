<?php

declare(strict_types=1);

namespace App\Formats\Presentation;

use App\Formats\BroughtSlides\PackagedReader;
use App\Formats\BroughtSlides\ZipParts;
use App\Formats\ShownByPages;
use Daybright\Format\Readers\Odp\OdpReader;

/** Slides in ODP (OpenDocument 1.3). */
final class OpenPresentationReader extends PackagedReader implements ShownByPages
{
    public static function name(): string
    {
        return 'odp';
    }

    public static function label(): string
    {
        return 'Slides (ODP)';
    }

    public static function accepts(): array
    {
        return ['.odp'];
    }

    protected static function sign(): string
    {
        return 'mimetype';
    }

    protected static function begins(): string
    {
        return 'application/vnd.oasis.opendocument.presentation';
    }

    protected static function slides(ZipParts $parts): array
    {
        return (new OdpReader($parts))->slides();
    }
}
