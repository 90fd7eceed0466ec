<?php

declare(strict_types=1);

namespace Daybright\Scene;

use DOMDocument;
use DOMElement;

/** The groups of a drawing that SvgWriter wrote. */
final class SvgGroups
{
    /**
     * The drawing without what appears at some steps.
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
            if ($group instanceof DOMElement && in_array($group->getAttribute('data-step'), $steps, true)) {
                $document->documentElement->removeChild($group);
            }
        }

        return (string) $document->saveXML($document->documentElement);
    }
}
