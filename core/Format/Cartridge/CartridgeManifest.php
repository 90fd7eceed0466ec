<?php

declare(strict_types=1);

namespace Daybright\Format\Cartridge;

use Daybright\Format\Xml;

/**
 * imsmanifest.xml of a cartridge with one lesson as web content (IMS Common Cartridge 1.3, section 4). Its questions are not in it as
 * items: a cartridge has them in QTI 1.2.1, which we do not write.
 */
final class CartridgeManifest
{
    public const FILE = 'imsmanifest.xml';

    private const NAMESPACES = [
        'xmlns' => 'http://www.imsglobal.org/xsd/imsccv1p3/imscp_v1p1',
        'xmlns:lom' => 'http://ltsc.ieee.org/xsd/imsccv1p3/LOM/manifest',
    ];

    /**
     * @param  string  $id that starts with a letter and holds letters, figures and hyphens
     * @param  string  $start file of the package that is opened
     * @param  list<string>  $files of the package, the start among them, without the manifest
     */
    public static function write(string $id, string $title, string $start, array $files): string
    {
        return Xml::HEAD.Xml::element(
            'manifest',
            ['identifier' => $id] + self::NAMESPACES,
            Xml::element(
                'metadata',
                [],
                Xml::element('schema', [], 'IMS Common Cartridge'),
                Xml::element('schemaversion', [], '1.3.0'),
                Xml::element('lom:lom', [], Xml::element('lom:general', [], Xml::element(
                    'lom:title',
                    [],
                    Xml::element('lom:string', ['language' => 'en'], Xml::text($title)),
                ))),
            ),
            Xml::element('organizations', [], Xml::element(
                'organization',
                ['identifier' => "{$id}-organization", 'structure' => 'rooted-hierarchy'],
                Xml::element('item', ['identifier' => "{$id}-root"], Xml::element(
                    'item',
                    ['identifier' => "{$id}-item", 'identifierref' => "{$id}-lesson"],
                    Xml::element('title', [], Xml::text($title)),
                )),
            )),
            Xml::element('resources', [], Xml::element(
                'resource',
                ['identifier' => "{$id}-lesson", 'type' => 'webcontent', 'href' => $start],
                ...array_map(static fn (string $file): string => Xml::element('file', ['href' => $file]), $files),
            )),
        );
    }
}
