<?php

declare(strict_types=1);

namespace App\Formats;

/** A writer whose files come in more than one way. */
interface OffersChoices extends LessonWriter
{
    /** @param  array<string, string>  $choices values by the name of the choice; what is not chosen is as usual */
    public function chosen(array $choices): self;
}
