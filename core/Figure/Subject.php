<?php

declare(strict_types=1);

namespace Daybright\Figure;

/** A subject in which a figure is at home. */
enum Subject: string
{
    case Maths = 'Maths';
    case Science = 'Science';
    case Language = 'Language';
    case EarlyReading = 'Early reading';
    case History = 'History';
    case Geography = 'Geography';
    case Art = 'Art';
}
