<?php

declare(strict_types=1);

namespace Daybright\Question;

use Daybright\Question\Kinds\Choice\Choice;
use Daybright\Question\Kinds\Highlight\Highlight;
use Daybright\Question\Kinds\Label\Label;
use Daybright\Question\Kinds\Letters\Letters;
use Daybright\Question\Kinds\NumberWithUnit\NumberWithUnit;
use Daybright\Question\Kinds\Order\Order;
use Daybright\Question\Kinds\Plan\Plan;
use Daybright\Question\Kinds\Practice\Practice;
use Daybright\Question\Kinds\ScaleReading\ScaleReading;
use Daybright\Question\Kinds\ShortText\ShortText;
use Daybright\Question\Kinds\Sort\Sort;
use Daybright\Question\Kinds\Truth\Truth;

/** The kinds of question: one line each. */
final class QuestionKinds
{
    /** @return non-empty-list<QuestionKind> */
    public static function all(): array
    {
        return [
            new Choice,
            new NumberWithUnit,
            new ShortText,
            new ScaleReading,
            new Sort,
            new Order,
            new Label,
            new Letters,
            new Truth,
            new Highlight,
            new Plan,
            new Practice,
        ];
    }
}
