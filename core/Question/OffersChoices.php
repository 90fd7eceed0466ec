<?php

declare(strict_types=1);

namespace Daybright\Question;

/** A kind of question whose answers stand on the slide, each behind a letter. */
interface OffersChoices
{
    /** @return list<string> */
    public function choices(): array;

    /** @return array<int, string> ids of media, by the numbers of the choices that have one */
    public function choicePictures(): array;

    /** @return list<int> numbers of the right ones, from 0 */
    public function rightChoices(): array;
}
