<?php

declare(strict_types=1);

namespace Daybright\Format\Qti;

use Daybright\Format\Xml;

/** What an item has of its own: what a student gives, how it is given, and how it is marked. */
final readonly class ItemParts
{
    public const RESPONSE = 'RESPONSE';

    /**
     * @param  non-empty-list<Response>  $responses
     * @param  string  $interaction XML
     * @param  NumberedPicture|null  $picture that is asked about
     */
    public function __construct(public array $responses, public string $interaction, public ?NumberedPicture $picture = null)
    {
    }

    /**
     * Where one thing is given, under the name RESPONSE.
     *
     * @param  list<string>  $right as a Response has it
     * @param  string  $interaction XML
     */
    public static function one(string $cardinality, string $baseType, array $right, string $interaction): self
    {
        return new self([new Response(self::RESPONSE, $cardinality, $baseType, $right)], $interaction);
    }

    /** @return list<string> XML */
    public function declarations(): array
    {
        return array_map(static fn (Response $response): string => $response->declaration(), $this->responses);
    }

    /** Each right response earns its share of the marks. A person marks what has no right one: then nothing is processed. */
    public function processing(int $marks): string
    {
        $known = array_filter($this->responses, static fn (Response $response): bool => $response->right !== []);
        if (count($known) < count($this->responses)) {
            return '';
        }
        $share = Xml::element('baseValue', ['baseType' => 'float'], rtrim(rtrim(sprintf('%.4F', $marks / count($known)), '0'), '.'));
        $conditions = array_map(static fn (Response $response): string => Xml::element('responseCondition', [], Xml::element(
            'responseIf',
            [],
            $response->condition(),
            Xml::element(
                'setOutcomeValue',
                ['identifier' => 'SCORE'],
                count($known) === 1 ? $share : Xml::element('sum', [], Xml::element('variable', ['identifier' => 'SCORE']), $share),
            ),
        )), $known);

        return Xml::element('responseProcessing', [], ...array_values($conditions));
    }
}
