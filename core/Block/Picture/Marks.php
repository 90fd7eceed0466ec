<?php

declare(strict_types=1);

namespace Daybright\Block\Picture;

use Daybright\Block\BlockPiece;
use Daybright\Block\Picture\Marks\Arrow;
use Daybright\Block\Picture\Marks\Cover;
use Daybright\Block\Picture\Marks\Detail;
use Daybright\Block\Picture\Marks\Label;
use Daybright\Block\Picture\Marks\Number;
use Daybright\Block\Picture\Marks\Ring;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\PointHandle;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** What is pointed out on a picture, each at a step of its own. */
final readonly class Marks
{
    /** @var non-empty-list<class-string<Mark>> */
    public const CATALOGUE = [Arrow::class, Ring::class, Label::class, Number::class, Cover::class, Detail::class];

    /** @param  array<string, Mark>  $marks by id */
    private function __construct(private array $marks)
    {
    }

    /** @param  list<Fields>  $marks one of a kind that is not known is left out */
    public static function from(array $marks): self
    {
        $read = [];
        foreach ($marks as $fields) {
            foreach (self::CATALOGUE as $kind) {
                if ($kind::name() === $fields->text('kind', '')) {
                    $read[$fields->text('id')] = $kind::from($fields);
                }
            }
        }

        return new self($read);
    }

    /** @return list<BlockPiece> */
    public function pieces(): array
    {
        $pieces = [];
        foreach (array_keys($this->marks) as $number => $id) {
            $mark = $this->marks[$id];
            $label = $mark->covers() ? 'what is under cover '.($number + 1) : 'the '.lcfirst($mark::label()).' '.($number + 1);
            $pieces[] = new BlockPiece(self::piece($id), $label, $mark->words());
        }

        return $pieces;
    }

    /** @return array<string, list<Shape>> by piece */
    public function shapes(Box $picture, PreparedPicture $prepared, RenderContext $context): array
    {
        $shapes = [];
        foreach ($this->marks as $id => $mark) {
            $shapes[self::piece($id)] = $mark->shapes($picture, $prepared, $context);
        }

        return $shapes;
    }

    /** @return list<string> pieces that are taken off at their step */
    public function covers(): array
    {
        return array_map(
            self::piece(...),
            array_keys(array_filter($this->marks, static fn (Mark $mark): bool => $mark->covers())),
        );
    }

    /** @return array<string, string> by piece */
    public function words(RenderContext $context): array
    {
        $words = [];
        foreach ($this->marks as $id => $mark) {
            $words[self::piece($id)] = $context->spoken($mark->words());
        }

        return $words;
    }

    /** @return list<PointHandle> */
    public function handles(Box $picture): array
    {
        $handles = [];
        foreach (array_keys($this->marks) as $number => $id) {
            foreach ($this->marks[$id]->points() as $name => [$label, $x, $y]) {
                $handles[] = new PointHandle("marks/{$number}/{$name}", $label.' '.($number + 1), $picture, $x, $y);
            }
        }

        return $handles;
    }

    private static function piece(string $id): string
    {
        return "mark-{$id}";
    }
}
