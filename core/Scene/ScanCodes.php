<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** Makes codes to scan of texts. The program outside gives the real ones; tests give plain ones. */
interface ScanCodes
{
    /** @throws FormulasAway */
    public function of(string $text): ScanCode;
}
