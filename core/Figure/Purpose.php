<?php

declare(strict_types=1);

namespace Daybright\Figure;

/** What a teacher wants to show: the first way of choosing a figure. */
enum Purpose: string
{
    case Compare = 'Compare amounts';
    case PartOfWhole = 'A part of a whole';
    case Place = 'Where numbers lie';
    case Shape = 'Shape and space';
    case Measure = 'Read a measure';
    case Data = 'What the data say';
    case Change = 'Change over time';
    case Curve = 'How one thing depends on another';
    case Unknown = 'Find what is unknown';
    case Sort = 'Sort and group';
    case Name = 'Name the parts';
    case Connect = 'How things follow or connect';
    case Sounds = 'Hear the sounds';
    case Read = 'Read closely';
    case Write = 'Plan a piece of writing';
}
