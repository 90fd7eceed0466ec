<?php

declare(strict_types=1);

namespace Daybright\Question;

use Daybright\Figure\Variation;
use Daybright\Maths\Quantity;

/** A practice item as the content of a question. */
final class VariedQuestion
{
    /** Wrong answers beside the right one. */
    private const MOST_SLIPS = 4;

    /** @return array<string, mixed> a number is typed, words are chosen */
    public static function typed(Variation $item): array
    {
        if (! $item->answer instanceof Quantity) {
            return self::toChoose($item);
        }
        $slips = [];
        foreach ($item->slips as $why => $slip) {
            if ($slip instanceof Quantity) {
                $slips[] = [
                    'id' => 'slip-'.(count($slips) + 1),
                    'value' => $slip->typedNumber(),
                    'unit' => $slip->unit->symbol(),
                    'why' => $why,
                ];
            }
        }

        return [
            'type' => 'number',
            'prompt' => $item->prompt,
            'marks' => 2,
            'value' => $item->answer->typedNumber(),
            'unit' => $item->answer->unit->symbol(),
            'tolerance' => $item->tolerance,
            'slips' => $slips,
            'stops' => true,
        ];
    }

    /** @return array<string, mixed> the answer among those that common slips give, in order of size, which gives nothing away */
    public static function toChoose(Variation $item): array
    {
        $choices = [['text' => Variation::written($item->answer), 'right' => true]];
        foreach (array_slice($item->slips, 0, self::MOST_SLIPS, true) as $why => $slip) {
            $choices[] = ['text' => Variation::written($slip), 'right' => false, 'slip' => $why];
        }
        usort($choices, static fn (array $one, array $other): int => strnatcasecmp($one['text'], $other['text']));

        return [
            'type' => 'choice',
            'prompt' => $item->prompt,
            'marks' => 1,
            'stops' => true,
            'choices' => array_map(
                static fn (array $choice, int $number): array => ['id' => 'choice-'.($number + 1)] + $choice,
                $choices,
                array_keys($choices),
            ),
        ];
    }
}
