<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\PlanningFrame\PlanningFrame;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class PlanningFrameTest extends TestCase
{
    use ChecksFigures;

    public function test_starters_follow_the_purpose_unless_the_teacher_gives_one(): void
    {
        $facts = self::facts(self::of("Opening: say what it is about\nReason: give a reason", "\n"));
        self::assertSame(['This is about', 'One reason is that'], [$facts['starter a'], $facts['starter b']]);
        self::assertSame(
            'Once upon a time',
            self::facts(self::of("Opening: say what it is about\nReason: give a reason", 'Once upon a time'))['starter a'],
        );
    }

    public function test_the_model_is_kept_apart_from_the_sheet(): void
    {
        $frame = self::of("Opening: begin\nEnding: sum up", '', "A secret model\nAnother", 'sheet');
        $written = implode(
            ' ',
            array_map(
                static fn ($shape): string => $shape->written(),
                array_merge(...array_values(self::drawn($frame, $frame->smallest()))),
            ),
        );
        self::assertStringNotContainsString('secret', $written.$frame->words());
        self::assertSame('A secret model', $frame->task()['boxes'][0]['model']);
        self::assertRefused(PlanningFrame::class, ['boxes' => "a: b\nc: d", 'model' => '', 'show' => 'model'], 'model', 'no model yet');
        self::assertRefused(PlanningFrame::class, ['boxes' => 'a: b'], 'boxes', 'from 2 to 6');
        self::assertRefused(PlanningFrame::class, ['boxes' => "a: b\na: d"], 'boxes', 'the same name');
    }

    /** @return non-empty-list<PlanningFrame> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        for ($round = 0; $round < 100; $round++) {
            $count = mt_rand(2, 6);
            $boxes = implode(
                "\n",
                array_map(
                    static fn (int $number): string => [
                        'Opening',
                        'Reason',
                        'Example from the text',
                        'Against',
                        'Answer',
                        'Ending',
                    ][$number].': '.[
                        'say what it is about',
                        'give a reason that a reader of your age would believe',
                        'sum up',
                    ][mt_rand(0, 2)],
                    range(0, $count - 1),
                ),
            );
            $model = implode(
                "\n",
                array_map(
                    static fn (): string => [
                        'A sundial shows the hour.',
                        'At noon the shadow points to the north, and it is shortest then, as we saw when we drew it in the yard.',
                    ][mt_rand(0, 1)],
                    range(1, $count),
                ),
            );
            $figures[] = self::of($boxes, '', $model, ['sheet', 'model'][$round % 2]);
        }

        return $figures;
    }

    private static function of(string $boxes, string $starters, string $model = '', string $show = 'sheet'): PlanningFrame
    {
        return PlanningFrame::from(new Fields(['boxes' => $boxes, 'starters' => $starters, 'model' => $model, 'show' => $show]));
    }
}
