<?php

declare(strict_types=1);

namespace Daybright\Format\Qti\Interactions;

use Daybright\Format\Qti\Response;
use Daybright\Format\Xml;

/** textEntryInteraction (QTI 2.1, section 7.2.2) for one thing to type, with its unit behind it: a number alone can be compared. */
final readonly class Gap
{
    private const NUMBER = '/^([−-]?\d+(?:\.\d+)?)(?:\s+(.*))?$/u';

    private function __construct(public Response $response, public string $written)
    {
    }

    /** Null where the right answer is no decimal number. */
    public static function forNumber(string $identifier, string $right, string $tolerance): ?self
    {
        if (preg_match(self::NUMBER, $right, $parts) !== 1) {
            return null;
        }
        $response = new Response($identifier, 'single', 'float', [str_replace('−', '-', $parts[1])], $tolerance);

        return new self($response, self::entry($identifier, 10).Xml::text(rtrim(' '.($parts[2] ?? ''))));
    }

    /** @param  string|null  $right null where a person marks it */
    public static function forWords(string $identifier, ?string $right): self
    {
        return new self(
            new Response($identifier, 'single', 'string', $right === null ? [] : [$right]),
            self::entry($identifier, max(10, mb_strlen($right ?? ''))),
        );
    }

    private static function entry(string $identifier, int $length): string
    {
        return Xml::element('textEntryInteraction', ['responseIdentifier' => $identifier, 'expectedLength' => $length]);
    }
}
