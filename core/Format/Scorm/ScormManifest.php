<?php

declare(strict_types=1);

namespace Daybright\Format\Scorm;

use Daybright\Format\Xml;

/** imsmanifest.xml of a package with one lesson (SCORM 1.2 Content Aggregation Model, section 2.3; IMS Content Packaging 1.1.2). */
final class ScormManifest
{
    public const FILE = 'imsmanifest.xml';

    private const NAMESPACES = [
        'xmlns' => 'http://www.imsproject.org/xsd/imscp_rootv1p1p2',
        'xmlns:adlcp' => 'http://www.adlnet.org/xsd/adlcp_rootv1p2',
    ];

    /**
     * @param  string  $id that starts with a letter and holds letters, figures and hyphens
     * @param  string  $start file of the package that is opened
     * @param  list<string>  $files of the package, the start among them, without the manifest
     */
    public static function write(string $id, string $title, string $start, array $files): string
    {
        $titled = Xml::element('title', [], Xml::text($title));
        $item = Xml::element('item', ['identifier' => "{$id}-item", 'identifierref' => "{$id}-lesson", 'isvisible' => 'true'], $titled);

        return Xml::HEAD.Xml::element(
            'manifest',
            ['identifier' => $id, 'version' => '1.0'] + self::NAMESPACES,
            Xml::element(
                'metadata',
                [],
                Xml::element('schema', [], 'ADL SCORM'),
                Xml::element('schemaversion', [], '1.2'),
            ),
            Xml::element(
                'organizations',
                ['default' => "{$id}-organization"],
                Xml::element('organization', ['identifier' => "{$id}-organization"], $titled, $item),
            ),
            Xml::element('resources', [], Xml::element(
                'resource',
                ['identifier' => "{$id}-lesson", 'type' => 'webcontent', 'adlcp:scormtype' => 'sco', 'href' => $start],
                ...array_map(static fn (string $file): string => Xml::element('file', ['href' => $file]), $files),
            )),
        );
    }
}
