<?php

declare(strict_types=1);

namespace Daybright\Format\Qti;

use Daybright\Format\Xml;

/** What an item has of its own: what is declared of its response, how it is given, and how it is marked. */
final readonly class ItemParts
{
    public const RESPONSE = 'RESPONSE';

    /**
     * @param  string  $cardinality single, multiple or ordered
     * @param  string  $baseType identifier, directedPair, float, string or file
     * @param  list<string>  $right values of the right response; none where a person marks it
     * @param  string  $interaction XML
     * @param  string|null  $tolerance how far a number may be off; null where the response must be the right one
     */
    public function __construct(
        public string $cardinality,
        public string $baseType,
        public array $right,
        public string $interaction,
        public ?string $tolerance = null,
    ) {
    }

    public function declaration(): string
    {
        $values = array_map(static fn (string $value): string => Xml::element('value', [], Xml::text($value)), $this->right);

        return Xml::element(
            'responseDeclaration',
            ['identifier' => self::RESPONSE, 'cardinality' => $this->cardinality, 'baseType' => $this->baseType],
            ...$values === [] ? [] : [Xml::element('correctResponse', [], ...$values)],
        );
    }

    /** A person marks what has no right response: then nothing is processed. */
    public function processing(int $marks): string
    {
        if ($this->right === []) {
            return '';
        }
        $given = Xml::element('variable', ['identifier' => self::RESPONSE]);
        $right = Xml::element('correct', ['identifier' => self::RESPONSE]);
        $compared = $this->tolerance === null
            ? Xml::element('match', [], $given, $right)
            : Xml::element(
                'equal',
                ['toleranceMode' => 'absolute', 'tolerance' => "{$this->tolerance} {$this->tolerance}"],
                $given,
                $right,
            );
        $score = Xml::element(
            'setOutcomeValue',
            ['identifier' => 'SCORE'],
            Xml::element('baseValue', ['baseType' => 'float'], (string) $marks),
        );

        return Xml::element(
            'responseProcessing',
            [],
            Xml::element('responseCondition', [], Xml::element('responseIf', [], $compared, $score)),
        );
    }
}
