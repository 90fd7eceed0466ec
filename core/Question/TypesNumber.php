<?php

declare(strict_types=1);

namespace Daybright\Question;

/** A kind of question whose answer is a number that is typed. */
interface TypesNumber
{
    /** A plain decimal, in the unit of the answer; empty where the number may not be off, or where it is no plain decimal. */
    public function tolerance(): string;
}
