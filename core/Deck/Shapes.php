<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Deck\Shapes\ExaminationQuestions;
use Daybright\Deck\Shapes\ExplainAndTry;
use Daybright\Deck\Shapes\HearAndSay;
use Daybright\Deck\Shapes\InvestigateAndMeasure;
use Daybright\Deck\Shapes\LookClosely;
use Daybright\Deck\Shapes\PlanAPiece;
use Daybright\Deck\Shapes\ReadForEvidence;
use Daybright\Deck\Shapes\VisitAPlace;
use Daybright\Deck\Shapes\WorkedAndPractised;

/** The shapes that a lesson can begin with: one line each. */
final class Shapes
{
    /** @var non-empty-list<class-string<Shape>> */
    public const CATALOGUE = [
        ExplainAndTry::class,
        WorkedAndPractised::class,
        LookClosely::class,
        ReadForEvidence::class,
        HearAndSay::class,
        InvestigateAndMeasure::class,
        PlanAPiece::class,
        ExaminationQuestions::class,
        VisitAPlace::class,
    ];

    /** @return class-string<Shape>|null */
    public static function called(string $name): ?string
    {
        foreach (self::CATALOGUE as $shape) {
            if ($shape::name() === $name) {
                return $shape;
            }
        }

        return null;
    }

    /** @return non-empty-list<string> */
    public static function names(): array
    {
        return array_map(static fn (string $shape): string => $shape::name(), self::CATALOGUE);
    }
}
