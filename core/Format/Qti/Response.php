<?php

declare(strict_types=1);

namespace Daybright\Format\Qti;

use Daybright\Format\Xml;

/** What is declared of one thing that a student gives, and when it is right. */
final readonly class Response
{
    /**
     * @param  string  $cardinality single, multiple or ordered
     * @param  string  $baseType identifier, directedPair, float, string or file
     * @param  list<string>  $right values of the right response; none where a person marks it
     * @param  string|null  $tolerance how far a number may be off; null where the response must be the right one
     */
    public function __construct(
        public string $identifier,
        public string $cardinality,
        public string $baseType,
        public array $right,
        public ?string $tolerance = null,
    ) {
    }

    public function declaration(): string
    {
        $values = array_map(static fn (string $value): string => Xml::element('value', [], Xml::text($value)), $this->right);

        return Xml::element(
            'responseDeclaration',
            ['identifier' => $this->identifier, 'cardinality' => $this->cardinality, 'baseType' => $this->baseType],
            ...$values === [] ? [] : [Xml::element('correctResponse', [], ...$values)],
        );
    }

    /** The condition under which it is right (QTI 2.1, section 15.3); capitals do not count in words. */
    public function condition(): string
    {
        $given = Xml::element('variable', ['identifier' => $this->identifier]);
        $right = Xml::element('correct', ['identifier' => $this->identifier]);

        return match (true) {
            $this->tolerance !== null => Xml::element(
                'equal',
                ['toleranceMode' => 'absolute', 'tolerance' => "{$this->tolerance} {$this->tolerance}"],
                $given,
                $right,
            ),
            $this->baseType === 'string' => Xml::element('stringMatch', ['caseSensitive' => 'false'], $given, $right),
            default => Xml::element('match', [], $given, $right),
        };
    }
}
