<?php

declare(strict_types=1);

namespace App\Lessons;

use Closure;
use Daybright\Block\Blocks;
use Daybright\Block\CannotBeDrawn;
use Daybright\Block\SlideFacts;
use Daybright\Deck\Format;
use Daybright\Deck\LiveSlide;
use Daybright\Deck\SlidePainter;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\Target;
use Daybright\Language\PlainWords;
use Daybright\Lesson\Block;
use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Lesson\Step;
use Daybright\Maths\Checking\EqualityChecker;
use Daybright\Maths\Checking\Verdict;
use Daybright\Release\FrozenSlide;
use Daybright\Scene\Box;
use Daybright\Scene\Scene;
use Daybright\Scene\SvgGroups;
use DomainException;
use stdClass;

/** The live blocks of a slide, each in a state that acts brought it to, and what can be done with it there. */
final readonly class LiveBlocks
{
    public function __construct(private SlidePainter $painter)
    {
    }

    /**
     * For the teacher, while the slide is recorded.
     *
     * @param  array<string, array<mixed>>  $changes all acts so far by block, each as one merge patch; none for all live blocks as they are
     * @return array<string, mixed>
     *
     * @throws DomainException when a block may not be changed so, or cannot be drawn
     */
    public function of(Lesson $lesson, Slide $slide, array $changes): array
    {
        $live = $this->painter->live($lesson, $slide);
        $wanted = $changes === [] ? array_fill_keys($live->blocks(), []) : $changes;

        return $this->worked(
            $slide,
            $wanted,
            $live,
            static fn (Block $state): array => [...$live->annotationHandles($state), ...$live->handles($state)],
            fn (Block $state): string => $this->svg($lesson, $live, $state, '/api/media'),
        );
    }

    /**
     * For a student, who takes blocks over: those that the version names, and nothing that appears at a step that is not known yet.
     *
     * @param  array<string, array<mixed>>  $changes
     * @param  string  $pictures address of the pictures
     * @param  FrozenSlide  $known the slide as far as the student knows it
     * @return array<string, mixed>
     *
     * @throws DomainException
     */
    public function taken(Lesson $lesson, Slide $slide, array $changes, string $pictures, Format $format, FrozenSlide $known): array
    {
        foreach (array_keys($changes) as $id) {
            $block = $slide->block((string) $id);
            if ($block === null || ! in_array($id, $known->live, true) || ! in_array($block->step, $known->stepsSeen(), true)) {
                throw new DomainException('This cannot be worked here. Go on with the lesson.');
            }
        }
        $live = $this->painter->live($lesson, $slide, $format);
        $later = array_values(array_diff(array_map(static fn (Step $step): string => $step->id, $slide->steps), $known->stepsSeen()));

        return $this->worked(
            $slide,
            $changes,
            $live,
            $live->handles(...),
            fn (Block $state): string => SvgGroups::without($this->svg($lesson, $live, $state, $pictures), $later),
        );
    }

    /**
     * @param  array<string, array<mixed>>  $changes
     * @param  Closure(Block): list<Handle>  $handles
     * @param  Closure(Block): string  $draw
     * @return array<string, mixed>
     *
     * @throws DomainException
     */
    private function worked(Slide $slide, array $changes, LiveSlide $live, Closure $handles, Closure $draw): array
    {
        $blocks = [];
        foreach ($changes as $id => $change) {
            $state = $live->changed((string) $id, $change)
                ?? throw new DomainException('This cannot be changed while it is shown. Take the last step back and go on.');
            try {
                $blocks[$id] = [
                    'svg' => $draw($state),
                    'step' => $slide->stepNumber($state->step),
                    'slips' => $change === [] ? [] : self::slips($slide, $state),
                    'handles' => array_map(self::handle(...), $handles($state)),
                ];
            } catch (CannotBeDrawn|InvalidLesson $trouble) {
                throw new DomainException($trouble->getMessage());
            }
        }

        return ['blocks' => $blocks ?: new stdClass];
    }

    /** @return list<string> what is wrong about the sums that it shows */
    private static function slips(Slide $slide, Block $state): array
    {
        $slips = [];
        foreach (Blocks::read($state)->statements() as $statement) {
            foreach (EqualityChecker::check(PlainWords::filled($statement->text, SlideFacts::on($slide))) as $equality) {
                if ($equality->verdict !== Verdict::True) {
                    $slips[] = $equality->sentence;
                }
            }
        }

        return $slips;
    }

    private function svg(Lesson $lesson, LiveSlide $live, Block $state, string $pictures): string
    {
        return LessonView::svg(
            $lesson,
            new Scene($live->groups($state), [], [], []),
            static fn (string $sha256): string => "{$pictures}/{$sha256}",
        );
    }

    /** @return array<string, mixed> */
    private static function handle(Handle $handle): array
    {
        return [
            'name' => $handle->name,
            'label' => $handle->label,
            'way' => $handle->way->value,
            'box' => self::box($handle->box),
            'targets' => array_map(self::target(...), $handle->targets),
            'options' => array_map(self::target(...), $handle->options),
            'change' => (object) $handle->change,
            'value' => $handle->value,
            'range' => $handle->range,
        ];
    }

    /** @return array<string, mixed> */
    private static function target(Target $target): array
    {
        return ['label' => $target->label, 'box' => self::box($target->box), 'change' => (object) $target->change];
    }

    /** @return array<string, float>|null */
    private static function box(?Box $box): ?array
    {
        return $box === null ? null : array_map(static fn (float $length): float => round($length, 1), get_object_vars($box));
    }
}
