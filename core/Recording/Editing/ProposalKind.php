<?php

declare(strict_types=1);

namespace Daybright\Recording\Editing;

/** Why something may be left out of a lesson that has grown too long, in the order in which it is missed least. */
enum ProposalKind: string
{
    /** A sentence was begun, and then begun again. */
    case Restart = 'restart';

    /** A pause is longer than wished. */
    case Pause = 'pause';

    /** Something was said that is not in the script. */
    case Aside = 'aside';

    /** The recap says again what was said. */
    case Recap = 'recap';

    /** A sentence says again what an earlier one said. */
    case Repetition = 'repetition';
}
