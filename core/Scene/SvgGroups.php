<?php

declare(strict_types=1);

namespace Daybright\Scene;

use DOMDocument;
use DOMElement;
use DOMNode;

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
        $root = self::read($svg);
        foreach (iterator_to_array($root->childNodes) as $group) {
            if ($group instanceof DOMElement && ! self::isSeen($group, $steps)) {
                $root->removeChild($group);
            }
        }

        return self::written($root);
    }

    /**
     * The drawing with the groups of some blocks exchanged for those that another drawing has of them.
     *
     * @throws MalformedDrawing
     */
    public static function replaced(string $svg, string $by): string
    {
        $root = self::read($svg);
        $new = self::byBlock(self::read($by));
        foreach (array_intersect_key(self::byBlock($root), $new) as $block => $old) {
            // The new ones stand where the first of the old ones stood: what lies over it goes on lying over it.
            foreach ($new[$block] as $group) {
                $copy = $root->ownerDocument?->importNode($group, true);
                if ($copy instanceof DOMNode) {
                    $root->insertBefore($copy, $old[0]);
                }
            }
            array_map($root->removeChild(...), $old);
        }

        return self::written($root);
    }

    /** @return array<string, non-empty-list<DOMElement>> groups by the block that they belong to */
    private static function byBlock(DOMElement $root): array
    {
        $groups = [];
        foreach ($root->childNodes as $group) {
            if ($group instanceof DOMElement && $group->hasAttribute('data-block')) {
                $groups[$group->getAttribute('data-block')][] = $group;
            }
        }

        return $groups;
    }

    private static function written(DOMElement $root): string
    {
        return (string) $root->ownerDocument?->saveXML($root);
    }

    /** @throws MalformedDrawing */
    private static function read(string $svg): DOMElement
    {
        $document = new DOMDocument;
        if (! $document->loadXML($svg, LIBXML_NONET | LIBXML_PARSEHUGE) || $document->documentElement === null) {
            throw MalformedDrawing::at(0, 'it has no element at its root');
        }

        return $document->documentElement;
    }

    /** @param  list<string>  $later steps that are still to come */
    private static function isSeen(DOMElement $group, array $later): bool
    {
        $until = $group->getAttribute('data-until');

        return ! in_array($group->getAttribute('data-step'), $later, true) && ($until === '' || in_array($until, $later, true));
    }
}
