<?php

declare(strict_types=1);

namespace Daybright\Block\Figure;

use Daybright\Block\AnotherItem;
use Daybright\Block\AsksAgain;
use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\CannotBeDrawn;
use Daybright\Block\FedByTable;
use Daybright\Block\HoldsTable;
use Daybright\Block\KnowsFacts;
use Daybright\Block\LayoutBounds;
use Daybright\Block\Live;
use Daybright\Block\ShowsPictures;
use Daybright\Block\TakesRoom;
use Daybright\Block\Unfinished;
use Daybright\Figure\DataPlot\DataPlot;
use Daybright\Figure\Figure;
use Daybright\Figure\Figures;
use Daybright\Figure\FigureStep;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\LaidOutNarrow;
use Daybright\Figure\LinksToSlides;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\UsesPicture;
use Daybright\Figure\Varies;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** A diagram computed from quantities. Its first stage is the block itself; each further stage may have a step of its own. */
final readonly class FigureBlock implements AsksAgain, FedByTable, KnowsFacts, Live, ShowsPictures, TakesRoom, Unfinished
{
    private const QUANTITIES = 'quantities';

    /** @param  Figure|InvalidQuantities  $figure what is wrong, where none can be drawn */
    private function __construct(private Figure|InvalidQuantities $figure, private Fields $content)
    {
    }

    public static function name(): string
    {
        return 'figure';
    }

    public static function label(): string
    {
        return 'Figure';
    }

    public static function blank(): array
    {
        $first = Figures::all()[0];

        return ['figure' => $first::entry()->name, 'quantities' => $first::blank()];
    }

    public static function from(Fields $content): self
    {
        try {
            return new self(Figures::draw($content->text('figure'), $content->fields('quantities')), $content);
        } catch (InvalidQuantities $error) {
            return new self($error, $content);
        }
    }

    /** What it has of its own in its table gives way to the rows of another block. */
    public function fedBy(HoldsTable $table): self
    {
        $quantities = $this->content->fields('quantities')->raw();

        return isset($quantities['table']) ? self::from(new Fields([
            ...$this->content->raw(),
            'quantities' => [...$quantities, 'table' => $table->separated(), DataPlot::AWAITED => ! $table->hasNumbers()],
        ], $this->content->pointer)) : $this;
    }

    public function another(int $seed, int $level): ?AnotherItem
    {
        try {
            return $this->figure instanceof Varies
                ? new AnotherItem($this->figure->vary($seed, $level), $this->figure::entry()->name)
                : null;
        } catch (InvalidQuantities) {
            return null;
        }
    }

    public function pieces(): array
    {
        $steps = $this->figure instanceof Figure ? array_slice($this->figure->steps(), 1) : [];

        return array_map(static fn (FigureStep $step): BlockPiece => new BlockPiece($step->name, $step->label, $step->script), $steps);
    }

    public function least(float $width): Box
    {
        if (! $this->figure instanceof Figure) {
            return new Box(0, 0, 0, 0);
        }
        $smallest = $this->figure->smallest();

        return $this->figure instanceof LaidOutNarrow && $width < $smallest->width ? $this->figure->narrowest() : $smallest;
    }

    public function shape(RenderContext $context): ?float
    {
        return null;
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $figure = $this->drawn();
        $least = $this->least($bounds->width);
        if ($bounds->width < $least->width) {
            throw CannotBeDrawn::tooNarrow();
        }
        $height = $bounds->height ?? $least->height;
        $box = new Box(0, 0, $bounds->width, $height);
        $first = $figure->steps()[0]->name;
        $links = $figure instanceof LinksToSlides ? $figure->links($box, $bounds->context) : [];

        try {
            return new BlockLayout($height, self::named($figure->scene($box, $bounds->context), $first), self::named($links, $first));
        } catch (InvalidQuantities $error) {
            throw CannotBeDrawn::because($error);
        }
    }

    public function handles(LayoutBounds $bounds): array
    {
        $figure = $this->drawn();
        $box = new Box(0, 0, $bounds->width, $bounds->height ?? $this->least($bounds->width)->height);

        return $figure instanceof LiveFigure ? array_map(
            static fn (Handle $handle): Handle => $handle->within(self::QUANTITIES),
            $figure->handles($box, $bounds->context),
        ) : [];
    }

    public function isWorked(): bool
    {
        return $this->figure instanceof LiveFigure;
    }

    public function allows(array $change): bool
    {
        $quantities = $change[self::QUANTITIES] ?? null;

        return $this->figure instanceof LiveFigure
            && is_array($quantities)
            && array_keys($change) === [self::QUANTITIES]
            && array_diff(array_keys($quantities), $this->figure::live()) === [];
    }

    public function done(BlockContent $before): string
    {
        $was = $before instanceof self ? $before->figure : null;

        return $this->figure instanceof LiveFigure && $was instanceof $this->figure ? $this->figure->done($was) : '';
    }

    public function words(RenderContext $context): array
    {
        return [BlockPiece::MAIN => $this->drawn()->words()];
    }

    public function statements(): array
    {
        return [];
    }

    public function media(): array
    {
        return $this->figure instanceof UsesPicture ? $this->figure->pictures() : [];
    }

    public function missing(): ?string
    {
        return match (true) {
            $this->figure instanceof InvalidQuantities => $this->figure->getMessage(),
            $this->figure instanceof UsesPicture => $this->figure->missingPicture(),
            default => null,
        };
    }

    public function facts(): array
    {
        $facts = [];
        foreach ($this->figure instanceof Figure ? $this->figure->facts() : [] as $fact) {
            $facts += [$fact->name => $fact->written];
        }

        return $facts;
    }

    /**
     * By piece of the block: what the figure shows first belongs to the block itself.
     *
     * @template Thing
     *
     * @param  array<string, Thing>  $byStep
     * @return array<string, Thing>
     */
    private static function named(array $byStep, string $first): array
    {
        $named = [];
        foreach ($byStep as $name => $thing) {
            $named[$name === $first ? BlockPiece::MAIN : $name] = $thing;
        }

        return $named;
    }

    /** @throws CannotBeDrawn */
    private function drawn(): Figure
    {
        return $this->figure instanceof Figure ? $this->figure : throw CannotBeDrawn::because($this->figure);
    }
}
