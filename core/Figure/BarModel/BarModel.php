<?php

declare(strict_types=1);

namespace Daybright\Figure\BarModel;

use Daybright\Figure\Figure;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Reading;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\Setting;

/** Bars drawn to scale: equal parts of a whole, or two amounts compared. */
final readonly class BarModel implements Figure
{
    private function __construct(private Bars $bars)
    {
    }

    public static function name(): string
    {
        return 'bar-model';
    }

    public static function label(): string
    {
        return 'Bar model';
    }

    public static function purpose(): string
    {
        return 'Show a part of a whole, or compare two amounts';
    }

    public static function blank(): array
    {
        return ['mode' => 'parts', 'parts' => 5, 'shaded' => 2, 'known' => 'whole', 'amount' => '40', 'unit' => 'cm'];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);

        return new self($reading->choice('mode', 'The kind of bar model', ['parts', 'compare']) === 'parts'
            ? EqualParts::from($reading)
            : Comparison::from($reading));
    }

    public function facts(): array
    {
        return $this->bars->facts();
    }

    public function steps(): array
    {
        return $this->bars->steps();
    }

    public function scene(Box $box, Setting $setting): array
    {
        return $this->bars->scene($box, $setting);
    }

    public function words(): string
    {
        return $this->bars->words();
    }

    public function vary(int $seed, int $level): Variation
    {
        if ($level < 1 || $level > 3) {
            throw InvalidQuantities::because('Practice has three levels: 1, 2 and 3.', 'level');
        }

        return $this->bars->vary($seed, $level);
    }
}
