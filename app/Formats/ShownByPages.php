<?php

declare(strict_types=1);

namespace App\Formats;

use App\Formats\Pdf\PdfPages;

/** A reader of slides that can be given the pages of the same slides as well, for their exact look. */
interface ShownByPages extends LessonReader
{
    public function withPages(PdfPages $pages): static;
}
