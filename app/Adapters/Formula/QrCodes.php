<?php

declare(strict_types=1);

namespace App\Adapters\Formula;

use Daybright\Scene\ScanCode;
use Daybright\Scene\ScanCodes;

/** Codes to scan by ISO/IEC 18004, made by the npm package qrcode. */
final class QrCodes implements ScanCodes
{
    private const EDITION = 'qrcode-1.5.4/1';

    public function of(string $text): ScanCode
    {
        $made = WarmSetter::answer(['code' => $text], self::EDITION);

        return new ScanCode($made['size'], $made['path']);
    }
}
