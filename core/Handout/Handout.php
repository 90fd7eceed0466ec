<?php

declare(strict_types=1);

namespace Daybright\Handout;

use Daybright\Deck\Credits;
use Daybright\Deck\SlidePainter;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Scene\FormulaSetter;
use Daybright\Scene\Paint;
use Daybright\Scene\ScanCodes;
use Daybright\Scene\Scene;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typeface;
use Daybright\Scene\Typesetter;
use Daybright\Worked\PracticeSet;
use DomainException;

/** What a lesson gives to print: pages to write on, and pages with the answers. */
final readonly class Handout
{
    private function __construct(private Lesson $lesson, private Typesetter $type, private ScanCodes $codes, private Paper $paper)
    {
    }

    /** @param  array<string, Typeface>  $typefaces by name */
    public static function prepare(
        Lesson $lesson,
        array $typefaces,
        FormulaSetter $formulas,
        ScanCodes $codes,
        ?Paper $paper = null,
    ): self {
        $type = new Typesetter($typefaces[$lesson->typeface] ?? $typefaces['lexend'], $formulas);

        return new self($lesson, $type, $codes, $paper ?? Paper::a4());
    }

    /** @return list<Scene> what students find with the lesson; none when there is nothing to print */
    public function pages(): array
    {
        return $this->set([...$this->practice(), ...$this->afterwards()]);
    }

    /**
     * What a teacher prints for the class: words, slides or tasks with room to write, and practice.
     *
     * @param  bool  $all whether slides that ask nothing are printed too
     * @param  list<WayIn>  $waysIn where the classes find the lesson
     * @return list<Scene>
     */
    public function sheets(SlidePainter $painter, bool $all, array $waysIn = []): array
    {
        return $this->set([
            ...(new WordRows($this->type, $this->paper))->of($this->lesson),
            ...(new SlideRows($this->type, $this->paper, $painter))->of($this->lesson, $all),
            ...$this->practice(),
            ...$this->links()->waysIn($waysIn),
            ...$this->afterwards(),
        ]);
    }

    /** @return list<Scene> for the teacher */
    public function answers(): array
    {
        $rows = new PracticeRows($this->type, $this->paper);

        return (new Pages($this->type, $this->lesson->title.': answers', false, $this->paper))->of([
            ...(new TaskAnswerRows($this->type, $this->paper))->of($this->lesson),
            ...$this->rows($rows->answers(...)),
        ]);
    }

    /**
     * @param  list<Row>  $rows
     * @return list<Scene>
     */
    private function set(array $rows): array
    {
        return (new Pages($this->type, $this->lesson->title, true, $this->paper))->of($rows);
    }

    /** @return list<Row> */
    private function practice(): array
    {
        return $this->rows((new PracticeRows($this->type, $this->paper))->questions(...));
    }

    /** @return list<Row> */
    private function afterwards(): array
    {
        return [...$this->links()->of($this->lesson), ...$this->credits()];
    }

    private function links(): LinkRows
    {
        return new LinkRows($this->type, $this->codes, $this->paper);
    }

    /** @return array<int, string> by the number of a practice set, from 0: why it cannot be printed */
    public static function troubles(Lesson $lesson): array
    {
        $troubles = [];
        foreach ($lesson->handout as $number => $content) {
            try {
                $set = PracticeSet::from($content);
                array_map($set->items(...), PracticeSet::LEVELS);
            } catch (DomainException $error) {
                $troubles[$number] = $error->getMessage();
            }
        }

        return $troubles;
    }

    /** @return list<Row> whose the pictures are, where the lesson itself tells it on a slide and there is something to print */
    private function credits(): array
    {
        $isTold = $this->lesson->slide(Credits::SLIDE) !== null && $this->lesson->handout !== [];
        $text = implode("\n", $isTold ? Credits::of($this->lesson) : []);
        if ($text === '') {
            return [];
        }
        $set = $this->type->set("Pictures\n{$text}", $this->paper->inner(), new TextStyle(30, Paint::QUIET));

        return [new Row($set->height() + 40, $set->shapes(0, 20))];
    }

    /**
     * A set that cannot be made is left out, and the ready check reports it: the others are printed all the same.
     *
     * @param  callable(string, PracticeSet): list<Row>  $rows
     * @return list<Row>
     */
    private function rows(callable $rows): array
    {
        return array_merge(...array_map(static function (Fields $content) use ($rows): array {
            $set = PracticeSet::from($content);

            return $rows($content->text('title', '') ?: 'Practice: '.$set->label, $set);
        }, array_values(array_diff_key($this->lesson->handout, self::troubles($this->lesson)))));
    }
}
