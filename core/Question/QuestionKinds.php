<?php

declare(strict_types=1);

namespace Daybright\Question;

use Daybright\Lesson\Fields;
use Daybright\Lesson\InvalidLesson;
use Daybright\Question\Kinds\Choice\Choice;
use Daybright\Question\Kinds\Drawn\Drawn;
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
use Daybright\Question\Kinds\Spoken\Spoken;
use Daybright\Question\Kinds\Tasks\Tasks;
use Daybright\Question\Kinds\Truth\Truth;

/** The kinds of question: one line each. */
final class QuestionKinds
{
    /** @var non-empty-list<class-string<QuestionKind>> */
    public const CATALOGUE = [
        Choice::class,
        NumberWithUnit::class,
        ShortText::class,
        Spoken::class,
        Drawn::class,
        Tasks::class,
        ScaleReading::class,
        Sort::class,
        Order::class,
        Label::class,
        Letters::class,
        Truth::class,
        Highlight::class,
        Plan::class,
        Practice::class,
    ];

    /** @throws InvalidLesson */
    public static function read(Fields $content): QuestionKind
    {
        $asked = $content->text('type');
        foreach (self::CATALOGUE as $kind) {
            if ($kind::name() === $asked) {
                return $kind::from($content);
            }
        }
        throw InvalidLesson::unknownKind($asked, $content->at('type'));
    }
}
