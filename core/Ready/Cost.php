<?php

declare(strict_types=1);

namespace Daybright\Ready;

/** What a finding would cost the class, the dearest first: that is the order in which findings are told. */
enum Cost: int
{
    /** They would learn something that is not so, or learn the answer before the question. */
    case Misleads = 1;

    /** Some of them could not read, hear or reach it. */
    case Excludes = 2;

    /** Something that they need is not there. */
    case Lacks = 3;

    /** They would stop listening. */
    case Tires = 4;

    /** It could be better. */
    case Polish = 5;
}
