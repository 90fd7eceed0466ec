<?php

declare(strict_types=1);

namespace Daybright\Recording\Editing;

use Daybright\Lesson\PartKind;
use Daybright\Recording\Alignment\AlignedWord;
use Daybright\Recording\Clock;
use Daybright\Recording\SampleRange;
use Daybright\Recording\SlideScript;

/** Sentences whose words an earlier sentence of the lesson has as well: those of the recap, or all others. */
final readonly class RepeatedSentences implements Proposes
{
    /** Fewer different words come again by chance. */
    private const LEAST = 4;

    /** Letters of a word that carries meaning, for the most part. */
    private const LONG = 4;

    private const SHARE = 0.7;

    public function __construct(private bool $isRecap)
    {
    }

    public function propose(array $takes): array
    {
        $proposals = $before = [];
        foreach ($takes as $edited) {
            foreach (SlideScript::spoken($edited->slide, $edited->take) ?? [] as $sentence) {
                $said = array_values(array_filter($sentence, static fn (AlignedWord $word): bool => $word->isSaid));
                $words = self::meaning($said);
                $isRepeated = count($words) >= self::LEAST && array_filter(
                    $before,
                    static fn (array $earlier): bool => count(array_intersect($words, $earlier)) >= self::SHARE * count($words),
                ) !== [];
                $before[] = $words;
                if (! $isRepeated || ($edited->slide->part === PartKind::Recap) !== $this->isRecap) {
                    continue;
                }
                $proposals[] = new Proposal(
                    $this->isRecap ? ProposalKind::Recap : ProposalKind::Repetition,
                    $edited->take,
                    new SampleRange(Clock::samples($said[0]->from), Clock::samples($said[count($said) - 1]->to)),
                    implode(' ', array_map(static fn (AlignedWord $word): string => $word->text, $said)),
                );
            }
        }

        return $proposals;
    }

    /**
     * @param  list<AlignedWord>  $said
     * @return list<string> different words
     */
    private static function meaning(array $said): array
    {
        $plain = array_map(
            static fn (AlignedWord $word): string => mb_strtolower((string) preg_replace('/[^\p{L}\p{N}]+/u', '', $word->text)),
            $said,
        );

        return array_values(array_unique(array_filter($plain, static fn (string $word): bool => mb_strlen($word) >= self::LONG)));
    }
}
