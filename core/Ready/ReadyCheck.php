<?php

declare(strict_types=1);

namespace Daybright\Ready;

use Daybright\Deck\SlidePainter;
use Daybright\Handout\Handout;
use Daybright\Lesson\Lesson;
use Daybright\Ready\Rules\ActWithoutSense;
use Daybright\Ready\Rules\AimLeftOut;
use Daybright\Ready\Rules\AnswerShowsEarly;
use Daybright\Ready\Rules\ClipWithoutCaptions;
use Daybright\Ready\Rules\EmptyScript;
use Daybright\Ready\Rules\ExitCheckWithoutAim;
use Daybright\Ready\Rules\FalseEquality;
use Daybright\Ready\Rules\FullSlide;
use Daybright\Ready\Rules\HardToRead;
use Daybright\Ready\Rules\LinkTrouble;
use Daybright\Ready\Rules\LongWithoutPause;
use Daybright\Ready\Rules\NothingNew;
use Daybright\Ready\Rules\OverTime;
use Daybright\Ready\Rules\PageOnPhone;
use Daybright\Ready\Rules\PictureWithoutWords;
use Daybright\Ready\Rules\RepeatedSlide;
use Daybright\Ready\Rules\ScriptReadsSlide;
use Daybright\Ready\Rules\SideSlideOutOfReach;
use Daybright\Ready\Rules\SmallType;
use Daybright\Ready\Rules\StretchedPicture;
use Daybright\Ready\Rules\TakeShowsMissingStep;
use Daybright\Ready\Rules\TermBeforeCard;
use Daybright\Ready\Rules\TooLittleTime;
use Daybright\Ready\Rules\TooManyWords;
use Daybright\Ready\Rules\UncheckedAim;
use Daybright\Ready\Rules\UnfinishedBlock;
use Daybright\Ready\Rules\UnfinishedPracticeSet;
use Daybright\Ready\Rules\UnitTrouble;
use Daybright\Ready\Rules\UnlistedMaterial;
use Daybright\Ready\Rules\UnreadableFormula;
use Daybright\Recording\Take;

/** The check before recording: every rule, one line each. */
final readonly class ReadyCheck
{
    public function __construct(private SlidePainter $painter)
    {
    }

    /**
     * @param  array<string, Take>  $takes the chosen take of each slide, by slide id
     * @return list<Finding>
     */
    public function of(Lesson $lesson, array $takes = []): array
    {
        $reports = [];
        foreach ($lesson->slides() as $slide) {
            $reports[$slide->id] = SlideReport::summarise(SlideInspection::inspect(
                $lesson,
                $slide,
                $this->painter->paint($lesson, $slide),
            ));
        }

        return self::findings(new LessonInspection($lesson, $reports, $takes, Handout::troubles($lesson)));
    }

    /** @return list<Finding> the dearest first, rule by rule, in the order of the lesson */
    public static function findings(LessonInspection $inspection): array
    {
        $rules = self::rules();
        usort($rules, static fn (Rule $one, Rule $other): int => $one->cost()->value <=> $other->cost()->value);
        $findings = [];
        foreach ($rules as $rule) {
            if ($rule instanceof LessonRule) {
                array_push($findings, ...$rule->check($inspection));

                continue;
            }
            foreach ($inspection->reports as $report) {
                array_push(
                    $findings,
                    ...array_filter($report->findings, static fn (Finding $finding): bool => $finding->rule === $rule->name()),
                );
            }
        }

        return $findings;
    }

    /** @return non-empty-list<Rule> */
    public static function rules(): array
    {
        return [
            new FalseEquality,
            new UnitTrouble,
            new UnreadableFormula,
            new AnswerShowsEarly,
            new UnfinishedBlock,
            new UnfinishedPracticeSet,
            new FullSlide,
            new PictureWithoutWords,
            new EmptyScript,
            new UncheckedAim,
            new OverTime,
            new HardToRead,
            new TakeShowsMissingStep,
            new ActWithoutSense,
            new SideSlideOutOfReach,
            new AimLeftOut,
            new ExitCheckWithoutAim,
            new TermBeforeCard,
            new UnlistedMaterial,
            new TooLittleTime,
            new SmallType,
            new TooManyWords,
            new PageOnPhone,
            new ScriptReadsSlide,
            new NothingNew,
            new LongWithoutPause,
            new RepeatedSlide,
            new StretchedPicture,
            new LinkTrouble,
            new ClipWithoutCaptions,
        ];
    }
}
