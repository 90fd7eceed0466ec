<?php

declare(strict_types=1);

namespace Daybright\Question;

/** A kind of question that asks about picture files of the lesson. */
interface ShowsPictures
{
    /** @return list<string> ids of media; an id may be empty while none is chosen */
    public function media(): array;
}
