<?php

declare(strict_types=1);

namespace Daybright\Figure\Form;

/** With what a field is filled in. */
enum Control: string
{
    case Text = 'text';
    case Whole = 'whole';
    case Tick = 'tick';
    case Choice = 'choice';
    case Lines = 'lines';
    /** Rows and columns, pasted from a spreadsheet or typed. */
    case Table = 'table';
    /** A picture of the lesson, and points dragged about on it. */
    case Points = 'points';
    /** The same, each point leading to a side slide. */
    case Spots = 'spots';
    /** Words dropped into groups. */
    case Groups = 'groups';
    /** Words of a passage that are clicked. */
    case Passage = 'passage';
}
