<?php

declare(strict_types=1);

namespace Daybright\Scene;

use DOMDocument;
use DOMElement;

/** The groups of a drawing that SvgWriter wrote. */
final class SvgGroups
{
    /**
     * The drawing without what appears at some later steps, and with what only they take off.
     *
     * @param  list<string>  $steps ids
     *
     * @throws MalformedDrawing
     */
    public static function without(string $svg, array $steps): string
    {
        $document = new DOMDocument;
        if (! $document->loadXML($svg, LIBXML_NONET | LIBXML_PARSEHUGE) || $document->documentElement === null) {
            throw MalformedDrawing::at(0, 'it has no element at its root');
        }
        foreach (iterator_to_array($document->documentElement->childNodes) as $group) {
            if ($group instanceof DOMElement && ! self::isSeen($group, $steps)) {
                $document->documentElement->removeChild($group);
            }
        }

        return (string) $document->saveXML($document->documentElement);
    }

    /** @param  list<string>  $later steps that are still to come */
    private static function isSeen(DOMElement $group, array $later): bool
    {
        $until = $group->getAttribute('data-until');

        return ! in_array($group->getAttribute('data-step'), $later, true) && ($until === '' || in_array($until, $later, true));
    }
}
