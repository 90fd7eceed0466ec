<?php

declare(strict_types=1);

namespace Daybright\Question;

/** A kind of question that is answered with something recorded or drawn. */
interface GivenAsFile
{
    public const SOUND = 'sound';

    public const PICTURE = 'picture';

    /** @return self::SOUND|self::PICTURE */
    public function file(): string;
}
