<?php

declare(strict_types=1);

namespace Daybright\Format\Qti\Interactions;

use Daybright\Format\Qti\Interaction;
use Daybright\Format\Qti\ItemParts;
use Daybright\Format\Xml;
use Daybright\Lesson\Fields;
use Daybright\Question\GivenAnswer;
use Daybright\Question\Kinds\FillTable\FillTable;
use Daybright\Question\Question;

/** A table with a gap in each cell that is asked for. Where one may hold any number that was measured, a person marks it. */
final class FillCells implements Interaction
{
    public static function kinds(): array
    {
        return [FillTable::name()];
    }

    public static function of(Question $question): ?ItemParts
    {
        $asked = $question->asked();
        $right = $question->rightAnswer();
        $known = $right === null ? [] : GivenAnswer::map($right);
        $responses = $rows = [];
        foreach (is_array($asked['rows'] ?? null) ? array_values($asked['rows']) : [] as $number => $cells) {
            $written = [];
            foreach (is_array($cells) ? array_filter($cells, is_array(...)) : [] as $cell) {
                $cell = new Fields($cell);
                $gap = $cell->flag('fill') ? self::gap($cell->text('id'), $known, $question->tolerance() ?? '0') : null;
                $responses = $gap === null ? $responses : [...$responses, $gap->response];
                $isHead = $number === 0 && ($asked['hasHead'] ?? false) === true;
                $written[] = Xml::element($isHead ? 'th' : 'td', [], $gap->written ?? Xml::text($cell->text('text')));
            }
            $rows[] = Xml::element('tr', [], ...$written);
        }

        return $responses === [] ? null : new ItemParts($responses, Xml::element('table', [], Xml::element('tbody', [], ...$rows)));
    }

    /** @param  array<string, string>  $known right answers by cell */
    private static function gap(string $cell, array $known, string $tolerance): Gap
    {
        $identifier = "cell-{$cell}";
        $right = $known[$cell] ?? null;

        return ($right === null ? null : Gap::forNumber($identifier, $right, $tolerance)) ?? Gap::forWords($identifier, $right);
    }
}
