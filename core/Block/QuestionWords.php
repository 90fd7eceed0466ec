<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Language\PlainWords;
use Daybright\Lesson\Fields;

/** The content of a question with its texts in plain words; what is compared, counted or looked up stays as it is. */
final class QuestionWords
{
    /** A passage is marked word by word, as it stands. */
    private const KEPT = ['id', 'type', 'picture', 'group', 'letter', 'unit', 'passage', 'maker', 'source', 'figure', 'quantities', 'verdict', 'claim', 'marks'];

    /** @param  array<string, string>  $facts */
    public static function of(Fields $content, array $facts): Fields
    {
        // The answer in words is told; one that is a number is reckoned with.
        $kept = $content->text('type', '') === 'text' ? self::KEPT : [...self::KEPT, 'value'];

        return new Fields(self::plain($content->raw(), $facts, $kept), $content->pointer);
    }

    /**
     * @param  array<mixed>  $values
     * @param  array<string, string>  $facts
     * @param  list<string>  $kept
     * @return array<mixed>
     */
    private static function plain(array $values, array $facts, array $kept): array
    {
        foreach ($values as $name => $value) {
            if (is_string($name) && in_array($name, $kept, true)) {
                continue;
            }
            $values[$name] = match (true) {
                is_string($value) => PlainWords::of($value, $facts),
                is_array($value) => self::plain($value, $facts, $kept),
                default => $value,
            };
        }

        return $values;
    }
}
