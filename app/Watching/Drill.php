<?php

declare(strict_types=1);

namespace App\Watching;

use App\Models\Visit;
use Daybright\Figure\Variation;
use Daybright\Maths\Quantity;
use Daybright\Question\GivenAnswer;
use Daybright\Question\Practised;
use Daybright\Question\PractisedToGoal;
use Daybright\Release\Questions;
use DomainException;
use Illuminate\Support\Facades\DB;

/** Practising until a goal is reached: one item after the other, each made and marked on the server. */
final class Drill
{
    /**
     * @param  int  $level that is wanted: another one begins anew
     * @param  string|null  $given the answer to the item that waits; null to see it
     * @return array<string, mixed> how far it is, what was said to the answer, and the next item
     */
    public static function practise(Visit $visit, string $block, int $level, ?string $given): array
    {
        return DB::transaction(static function () use ($visit, $block, $level, $given): array {
            $visit = Visit::query()->lockForUpdate()->findOrFail($visit->id);
            $kind = self::kind($visit, $block);
            $kept = $visit->drills[$block] ?? [];
            $practised = ($kept['level'] ?? null) === $level ? Practised::read($kept) : new Practised($level);
            $began = $practised->asked === 0 ? now()->getTimestamp() : (int) ($kept['began'] ?? 0);
            $said = null;
            if ($given !== null) {
                $item = self::item($kind, $visit, $block, $practised);
                $marking = $kind->markItem($item, $given);
                $practised = $practised->with($marking->isRight() === true, now()->getTimestamp() - $began);
                $said = [
                    'isRight' => $marking->isRight() === true,
                    'sentence' => $marking->sentence,
                    'answer' => Variation::written($item->answer),
                ];
            }
            $visit->update(['drills' => [$block => $practised->toArray() + ['began' => $began]] + ($visit->drills ?? [])]);
            $item = self::item($kind, $visit, $block, $practised);

            return $practised->toArray() + [
                'isMet' => $kind->goal()?->isMet($practised) === true,
                'said' => $said,
                'text' => $item->prompt,
                'choices' => $item->answer instanceof Quantity ? [] : $item->choices(),
            ];
        });
    }

    /** The item that a student is asked now. */
    public static function waiting(Visit $visit, string $block): Variation
    {
        return self::item(self::kind($visit, $block), $visit, $block, Practised::read($visit->drills[$block] ?? []));
    }

    /** @return string what was practised, as it is given for an answer */
    public static function end(Visit $visit, string $block): string
    {
        $kept = $visit->drills[$block] ?? throw new DomainException('Practise first: choose a level.');
        $visit->update(['drills' => array_diff_key($visit->drills, [$block => true])]);

        return GivenAnswer::written(array_map(strval(...), Practised::read($kept)->toArray()));
    }

    private static function kind(Visit $visit, string $block): PractisedToGoal
    {
        return (Questions::in($visit->share->version()->read())[$block] ?? null)?->practised()
            ?? throw new DomainException('Nothing is practised here. Load the page again.');
    }

    /** The same whenever one student comes to it. */
    private static function item(PractisedToGoal $kind, Visit $visit, string $block, Practised $practised): Variation
    {
        $seed = crc32("{$visit->id} {$block} {$practised->level} {$practised->asked}") % 1_000_000;

        return $kind->another($seed, $practised->level)
            ?? throw new DomainException('No more questions can be made here. Tell your teacher.');
    }
}
