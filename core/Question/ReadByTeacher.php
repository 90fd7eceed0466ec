<?php

declare(strict_types=1);

namespace Daybright\Question;

/** A kind of question whose answers are free text: no two are alike, and a person marks them. */
interface ReadByTeacher
{
}
