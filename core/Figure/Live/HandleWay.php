<?php

declare(strict_types=1);

namespace Daybright\Figure\Live;

/** How the hand works a live thing. */
enum HandleWay: string
{
    /** It is taken from its place and let go at another. */
    case Drag = 'drag';

    /** A number is turned up and down. */
    case Turn = 'turn';

    /** One of several is chosen, or the next. */
    case Press = 'press';

    /** Words are marked, from the first to the last; then it is chosen what becomes of them. */
    case Sweep = 'sweep';

    /** A text is typed. */
    case Type = 'type';
}
