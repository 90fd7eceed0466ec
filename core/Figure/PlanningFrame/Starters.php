<?php

declare(strict_types=1);

namespace Daybright\Figure\PlanningFrame;

/** How a sentence may start, by what it is to do (common practice in writing lessons). */
final class Starters
{
    private const BY_PURPOSE = [
        'compare' => 'In the same way,', 'differ' => 'In contrast,', 'reason' => 'One reason is that',
        'because' => 'This is because', 'example' => 'For example,',
        'evidence' => 'The text says that', 'quot' => 'The writer says', 'sum up' => 'In the end,',
        'conclu' => 'So we can see that', 'end' => 'In the end,',
        'describe' => 'It looks like', 'explain' => 'This happens because', 'opinion' => 'I think that',
        'argue' => 'I believe that', 'against' => 'Some people say that',
        'first' => 'First,', 'next' => 'Then', 'last' => 'Finally,', 'observ' => 'We noticed that', 'predict' => 'I expect that',
        'result' => 'We found that', 'method' => 'First we',
        'about' => 'This is about', 'introduc' => 'This is about', 'who' => 'The main person is', 'where' => 'It happens in',
        'when' => 'It was', 'problem' => 'But then', 'feel' => 'It made me feel',
    ];

    public static function for(string $purpose): string
    {
        foreach (self::BY_PURPOSE as $word => $starter) {
            if (str_contains(mb_strtolower($purpose), $word)) {
                return $starter;
            }
        }

        return '';
    }
}
