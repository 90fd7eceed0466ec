<?php

declare(strict_types=1);

namespace Daybright\Worked;

use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;

/** A kind of worked example: from a few quantities it writes every line. */
interface Method
{
    /** In documents, such as “formula”. */
    public static function name(): string;

    public static function label(): string;

    /** @return array<string, mixed> quantities to begin with */
    public static function blank(): array;

    /** @return non-empty-list<Field> */
    public static function fields(): array;

    /** @throws InvalidQuantities */
    public static function from(Fields $quantities): self;

    public function example(): Example;

    /**
     * The same with other numbers that come out well, as a question.
     *
     * @param  int  $level 1 to 3
     *
     * @throws InvalidQuantities
     */
    public function vary(int $seed, int $level): Variation;
}
