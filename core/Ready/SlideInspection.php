<?php

declare(strict_types=1);

namespace Daybright\Ready;

use Closure;
use Daybright\Block\Blocks;
use Daybright\Block\SlideFacts;
use Daybright\Language\PlainWords;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Media\Medium;
use Daybright\Lesson\Slide;
use Daybright\Maths\Checking\Equality;
use Daybright\Maths\Checking\EqualityChecker;
use Daybright\Scene\Scene;

/** A slide with its picture, for the rules to look at. */
final class SlideInspection
{
    /** @var list<array{Equality, Closure(string, string): Finding}>|null with what makes a finding of it: rule and sentence */
    private ?array $equalities = null;

    /**
     * @param  array<string, Medium>  $media by id
     * @param  int|null  $readingYear school year in which the class reads
     */
    public function __construct(
        public readonly Slide $slide,
        public readonly Scene $scene,
        public readonly array $media,
        public readonly ?int $readingYear,
    ) {
    }

    public static function inspect(Lesson $lesson, Slide $slide, Scene $scene): self
    {
        return new self($slide, $scene, $lesson->media, $lesson->readingYear);
    }

    /**
     * Every equality written on the slide or in its script that is wanted, as a finding.
     *
     * @param  Closure(Equality): bool  $wanted
     * @return list<Finding>
     */
    public function equalities(string $rule, Closure $wanted): array
    {
        $this->equalities ??= [...$this->onSlide(), ...$this->inScript()];
        $found = array_filter($this->equalities, static fn (array $each): bool => $wanted($each[0]));

        return array_values(array_map(static fn (array $each): Finding => $each[1]($rule, $each[0]->sentence), $found));
    }

    /** @return list<array{Equality, Closure(string, string): Finding}> */
    private function onSlide(): array
    {
        $slide = $this->slide;
        $facts = SlideFacts::on($slide);
        $found = [];
        foreach ($slide->blocks as $block) {
            foreach (Blocks::read($block)->statements() as $statement) {
                $finding = static fn (string $rule, string $sentence): Finding => Finding::ofBlock(
                    $rule,
                    $sentence,
                    $slide->id,
                    $block->id,
                    $statement->field,
                );
                foreach (EqualityChecker::check(PlainWords::filled($statement->text, $facts)) as $equality) {
                    $found[] = [$equality, $finding];
                }
            }
        }

        return $found;
    }

    /** @return list<array{Equality, Closure(string, string): Finding}> */
    private function inScript(): array
    {
        $slide = $this->slide;
        $found = [];
        foreach ($slide->steps as $step) {
            $finding = static fn (string $rule, string $sentence): Finding => Finding::ofStep(
                $rule,
                'In the script: '.$sentence,
                $slide->id,
                $step->id,
            );
            foreach (EqualityChecker::check($step->script) as $equality) {
                $found[] = [$equality, $finding];
            }
        }

        return $found;
    }
}
