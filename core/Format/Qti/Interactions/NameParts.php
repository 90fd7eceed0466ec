<?php

declare(strict_types=1);

namespace Daybright\Format\Qti\Interactions;

use Daybright\Format\Qti\Interaction;
use Daybright\Format\Qti\ItemParts;
use Daybright\Format\Qti\NumberedPicture;
use Daybright\Format\Qti\Response;
use Daybright\Format\Xml;
use Daybright\Lesson\Fields;
use Daybright\Question\GivenAnswer;
use Daybright\Question\Kinds\Label\Label;
use Daybright\Question\Question;

/**
 * A numbered picture, and for each number the names to choose from (inlineChoiceInteraction; QTI 2.1, section 7.2.2) or a gap. Of several
 * right names for a gap the first is compared.
 */
final class NameParts implements Interaction
{
    public static function kinds(): array
    {
        return [Label::name()];
    }

    public static function of(Question $question): ?ItemParts
    {
        $asked = new Fields($question->asked());
        $right = GivenAnswer::map((string) $question->rightAnswer());
        $names = $asked->texts('names');
        $responses = $written = $places = [];
        foreach ($asked->list('points') as $number => $point) {
            $name = $right[$point->text('id')] ?? '';
            $identifier = 'part-'.($number + 1);
            [$responses[], $entry] = $names === [] ? self::gap($identifier, $name) : self::choice($identifier, $name, $names);
            $written[] = Xml::element('p', [], Xml::text(($number + 1).' '), $entry);
            $places[] = [$point->number('x'), $point->number('y')];
        }

        return $responses === []
            ? null
            : new ItemParts($responses, implode('', $written), new NumberedPicture($asked->text('picture'), $places));
    }

    /** @return array{Response, string} */
    private static function gap(string $identifier, string $right): array
    {
        $gap = Gap::forWords($identifier, $right);

        return [$gap->response, $gap->written];
    }

    /**
     * @param  list<string>  $names
     * @return array{Response, string}
     */
    private static function choice(string $identifier, string $right, array $names): array
    {
        $id = static fn (int $number): string => 'name-'.($number + 1);
        $choices = array_map(
            static fn (string $name, int $number): string => Xml::element('inlineChoice', ['identifier' => $id($number)], Xml::text($name)),
            $names,
            array_keys($names),
        );

        return [
            new Response($identifier, 'single', 'identifier', [$id((int) array_search($right, $names, true))]),
            Xml::element('inlineChoiceInteraction', ['responseIdentifier' => $identifier, 'shuffle' => 'false'], ...$choices),
        ];
    }
}
