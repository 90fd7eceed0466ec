<?php

declare(strict_types=1);

namespace Daybright\Recording;

/** A word of a take, or a silence, with the stretch of sound in which it probably is. */
final readonly class SpokenWord
{
    /**
     * @param  int  $from and $to in samples; the same for what was left out
     * @param  string|null  $departure how it differs from the script, such as “added”; its text is the script’s; null where it does not
     */
    public function __construct(
        public string $text,
        public int $from,
        public int $to,
        public bool $isSilence,
        public ?string $departure = null,
    ) {
    }
}
