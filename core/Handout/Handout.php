<?php

declare(strict_types=1);

namespace Daybright\Handout;

use Daybright\Figure\InvalidQuantities;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Scene\FormulaSetter;
use Daybright\Scene\Scene;
use Daybright\Scene\Typeface;
use Daybright\Scene\Typesetter;
use Daybright\Worked\PracticeSet;

/** What a lesson gives to print: pages to write on, and pages with the answers. */
final readonly class Handout
{
    private function __construct(private Lesson $lesson, private Typesetter $type)
    {
    }

    /** @param  array<string, Typeface>  $typefaces by name */
    public static function of(Lesson $lesson, array $typefaces, FormulaSetter $formulas): self
    {
        return new self($lesson, new Typesetter($typefaces[$lesson->typeface] ?? $typefaces['lexend'], $formulas));
    }

    /**
     * @return list<Scene> A4 pages in tenths of a millimetre; none when there is nothing to print
     *
     * @throws InvalidQuantities when a practice set cannot be made
     */
    public function pages(): array
    {
        $rows = new PracticeRows($this->type);

        return (new Pages($this->type, $this->lesson->title, true))->of($this->rows($rows->questions(...)));
    }

    /**
     * @return list<Scene>
     *
     * @throws InvalidQuantities
     */
    public function answers(): array
    {
        $rows = new PracticeRows($this->type);

        return (new Pages($this->type, $this->lesson->title.': answers', false))->of($this->rows($rows->answers(...)));
    }

    /**
     * @param  callable(string, PracticeSet): list<Row>  $rows
     * @return list<Row>
     */
    private function rows(callable $rows): array
    {
        return array_merge(...array_map(static function (Fields $content) use ($rows): array {
            $set = PracticeSet::from($content);

            return $rows($content->text('title', '') ?: 'Practice: '.$set->label, $set);
        }, $this->lesson->handout));
    }
}
