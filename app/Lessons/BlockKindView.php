<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Block\BlockContent;
use Daybright\Block\Blocks;
use Daybright\Block\HoldsTable;
use Daybright\Block\LayoutBounds;
use Daybright\Block\WrittenInPlace;
use Daybright\Lesson\Fields;
use Daybright\Lesson\PartKind;
use Daybright\Scene\FormulaSetter;
use Daybright\Scene\RenderContext;
use Daybright\Scene\TextField;
use Daybright\Scene\Typeface;
use Daybright\Scene\Typesetter;

/** What the rooms know of a kind of block before one is put on a slide. */
final class BlockKindView
{
    /** In slide units: of a new one until its picture is made. */
    private const WIDTH = 1408.0;

    private const SIZE = 50.0;

    /** @param  array<string, Typeface>  $typefaces */
    public function __construct(private readonly array $typefaces, private readonly FormulaSetter $formulas)
    {
    }

    /**
     * @param  class-string<BlockContent>  $kind
     * @return array<string, mixed>
     */
    public function entry(string $kind): array
    {
        return [
            'name' => $kind::name(),
            'label' => $kind::label(),
            'blank' => $kind::blank(),
            'later' => array_filter([Blocks::answerPieceOf($kind::name(), $kind::blank())]),
            'holdsTable' => is_a($kind, HoldsTable::class, true),
            'fields' => is_a($kind, WrittenInPlace::class, true)
                ? array_map(static fn (TextField $field): array => TextFieldView::one('', $field), $this->fields($kind))
                : [],
        ];
    }

    /**
     * @param  class-string<BlockContent>  $kind
     * @return list<TextField> of a blank one, about its own zero
     */
    private function fields(string $kind): array
    {
        $part = PartKind::Explain;
        $context = new RenderContext(new Typesetter($this->typefaces['lexend'], $this->formulas), $part->tint(), $part->strong());

        return $kind::from(new Fields($kind::blank()))->layout(new LayoutBounds(self::WIDTH, null, self::SIZE, $context))->fields;
    }
}
