<?php

declare(strict_types=1);

namespace Tests\Outside;

use App\Adapters\Files;
use App\Formats\Formats;
use App\Media\MediaStore;
use DOMDocument;
use DOMElement;
use Symfony\Component\Process\Process;
use Tests\App\TestCase;
use ZipArchive;

/**
 * Lessons that are taken away for other programs: a book as EPUBCheck (W3C) finds it; packages for learning platforms and questions by
 * rules of their standards, written out here since their schema files cannot be had.
 */
final class PackagesTest extends TestCase
{
    private const XHTML = 'http://www.w3.org/1999/xhtml';

    public function test_epubcheck_finds_nothing_in_a_book(): void
    {
        $book = $this->written('epub');
        $checked = new Process(['java', '-jar', '/usr/share/java/epubcheck.jar', $book, '--failonwarnings']);
        $checked->run();
        self::assertSame(0, $checked->getExitCode(), $checked->getOutput().$checked->getErrorOutput());
        $zip = self::opened($book);
        self::assertSame('mimetype', $zip->getNameIndex(0));
        $page = self::xml($zip, 'book/slide-0.xhtml');
        $lines = [];
        foreach ($page->getElementsByTagNameNS(self::XHTML, 'span') as $span) {
            $lines[$span->getAttribute('id')] = $span->textContent;
        }
        self::assertSame(['The first line.', 'The second line.'], array_values($lines));
        $heard = [];
        foreach (self::xml($zip, 'book/slide-0.smil')->getElementsByTagName('text') as $text) {
            $heard[] = substr((string) strrchr($text->getAttribute('src'), '#'), 1);
        }
        self::assertSame(array_keys($lines), $heard);
        // A question is asked on its page, and answered at the end alone.
        self::assertStringContainsString('How long?', $page->textContent);
        self::assertStringNotContainsString("41\u{A0}cm", $page->textContent);
        self::assertStringContainsString("41\u{A0}cm", self::xml($zip, 'book/answers.xhtml')->textContent);
    }

    public function test_a_package_for_a_platform_keeps_the_rules_of_its_manifest(): void
    {
        $zip = self::opened($this->written('scorm'));
        // The manifest is called so and stands at the root (SCORM 1.2 CAM 2.3.2).
        $manifest = self::xml($zip, 'imsmanifest.xml');
        $names = [];
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $names[] = (string) $zip->getNameIndex($index);
        }
        // Every identifier is one XML ID, and stands once (IMS Content Packaging 1.1.2, 4.1).
        $identifiers = self::values($manifest, 'identifier');
        self::assertSame(array_unique($identifiers), $identifiers);
        array_walk($identifiers, static fn (string $id) => self::assertMatchesRegularExpression('/^[A-Za-z_][\w.-]*$/', $id));
        // The default organization is one that is there, and its item refers to a resource that is (CAM 2.3.4.2, 2.3.4.5).
        self::assertContains(self::values($manifest, 'default')[0], $identifiers);
        self::assertContains(self::values($manifest, 'identifierref')[0], $identifiers);
        $resource = self::one($manifest, 'resource');
        // What talks to the platform is called an SCO (CAM 2.3.4.7), and is opened by a file of its own.
        self::assertSame('sco', $resource->getAttributeNS('http://www.adlnet.org/xsd/adlcp_rootv1p2', 'scormtype'));
        self::assertSame('webcontent', $resource->getAttribute('type'));
        $listed = [];
        foreach ($resource->getElementsByTagName('file') as $file) {
            $listed[] = $file->getAttribute('href');
        }
        self::assertContains($resource->getAttribute('href'), $listed);
        self::assertEqualsCanonicalizing(array_diff($names, ['imsmanifest.xml']), $listed);
        self::assertSame('ADL SCORM', self::one($manifest, 'schema')->textContent);
        self::assertSame('1.2', self::one($manifest, 'schemaversion')->textContent);
    }

    public function test_a_cartridge_keeps_the_rules_of_its_manifest(): void
    {
        $zip = self::opened($this->written('cartridge'));
        $manifest = self::xml($zip, 'imsmanifest.xml');
        // One organization, a rooted hierarchy with one root that has neither a title nor a resource (IMS CC 1.3, 4.3).
        self::assertCount(1, $manifest->getElementsByTagName('organization'));
        self::assertSame('rooted-hierarchy', self::one($manifest, 'organization')->getAttribute('structure'));
        $root = self::one($manifest, 'item');
        self::assertFalse($root->hasAttribute('identifierref'));
        self::assertSame('item', $root->firstElementChild?->nodeName);
        // Its items refer to resources that are there, and those to files that are (4.4).
        self::assertContains(self::values($manifest, 'identifierref')[0], self::values($manifest, 'identifier'));
        foreach (self::values($manifest, 'href') as $file) {
            self::assertNotFalse($zip->locateName($file), $file);
        }
        self::assertSame('webcontent', self::one($manifest, 'resource')->getAttribute('type'));
        self::assertSame('1.3.0', self::one($manifest, 'schemaversion')->textContent);
    }

    public function test_questions_keep_the_rules_of_items(): void
    {
        $zip = self::opened($this->written('qti', $this->asking()));
        $manifest = self::xml($zip, 'imsmanifest.xml');
        $items = [];
        foreach ($manifest->getElementsByTagName('resource') as $resource) {
            self::assertNotFalse($zip->locateName($resource->getAttribute('href')));
            if ($resource->getAttribute('type') === 'imsqti_item_xmlv2p1') {
                $items[] = $resource->getAttribute('href');
            }
        }
        $referred = [];
        foreach (self::xml($zip, 'test.xml')->getElementsByTagName('assessmentItemRef') as $reference) {
            $referred[] = $reference->getAttribute('href');
        }
        self::assertSame($items, $referred);
        $interactions = [];
        foreach ($items as $name) {
            $interactions[] = $this->checkItem(self::xml($zip, $name), $name);
        }
        self::assertSame([
            ['textEntryInteraction'], ['choiceInteraction'], ['orderInteraction'], ['matchInteraction'], ['hottextInteraction'],
            ['choiceInteraction'], ['extendedTextInteraction'], ['inlineChoiceInteraction', 'inlineChoiceInteraction'],
            ['textEntryInteraction'], ['textEntryInteraction', 'textEntryInteraction'], ['textEntryInteraction'],
            ['extendedTextInteraction'],
        ], $interactions);
        // Each cell and each name earns its share; words are compared without their capitals (15.3).
        $table = self::xml($zip, $items[9]);
        self::assertSame(['Stick', 'Shadow', '20 cm', ' cm', 'tall', ''], [...self::texts($table, 'th'), ...self::texts($table, 'td')]);
        self::assertSame(['31', 'Summer'], self::texts($table, 'correctResponse'));
        self::assertSame(['1', '1'], self::texts($table, 'baseValue'));
        self::assertSame('0.5 0.5', self::one($table, 'equal')->getAttribute('tolerance'));
        self::assertSame('false', self::one($table, 'stringMatch')->getAttribute('caseSensitive'));
        // What was measured has no right response, and nothing is processed.
        $open = self::xml($zip, $items[10]);
        self::assertSame([], [...self::texts($open, 'correctResponse'), ...self::texts($open, 'responseProcessing')]);
        $named = self::xml($zip, $items[7]);
        self::assertSame(['name-1', 'name-2'], self::texts($named, 'correctResponse'));
        self::assertSame('A dial', self::one($named, 'img')->getAttribute('alt'));
        $drawing = self::xml($zip, self::one($named, 'img')->getAttribute('src'));
        self::assertStringStartsWith('data:image/png;base64,', self::one($drawing, 'image')->getAttribute('href'));
        self::assertSame(['1', '2'], self::texts($drawing, 'text'));
        self::assertSame('dial', self::one(self::xml($zip, $items[8]), 'correctResponse')->textContent);
        self::assertSame(['thing a', 'thing b', 'thing c'], self::texts(self::xml($zip, $items[6]), 'li'));
        $number = self::xml($zip, $items[0]);
        self::assertSame('41', self::one($number, 'correctResponse')->textContent);
        self::assertSame('0.5 0.5', self::one($number, 'equal')->getAttribute('tolerance'));
    }

    /** @return list<string> */
    private static function texts(DOMDocument $document, string $element): array
    {
        return array_column(iterator_to_array($document->getElementsByTagName($element)), 'textContent');
    }

    /** @return list<string> names of its interactions */
    private function checkItem(DOMDocument $item, string $name): array
    {
        // Attributes that an item must have (QTI 2.1 Information Model, 4.1).
        $root = $item->documentElement ?? self::fail($name);
        foreach (['identifier', 'title', 'adaptive', 'timeDependent'] as $attribute) {
            self::assertNotSame('', $root->getAttribute($attribute), $name);
        }
        // Its parts come in this order (4.1), each response is declared once, and one interaction answers to it (7.1).
        $order = [];
        foreach ($root->childNodes as $child) {
            $order[] = $child->nodeName;
        }
        $known = ['responseDeclaration', 'outcomeDeclaration', 'itemBody', 'responseProcessing'];
        self::assertSame(array_values(array_intersect($known, $order)), array_values(array_unique($order)), $name);
        $declared = iterator_to_array($item->getElementsByTagName('responseDeclaration'), false);
        $interactions = array_values(array_filter(
            iterator_to_array(self::one($item, 'itemBody')->getElementsByTagName('*')),
            static fn (DOMElement $each): bool => str_ends_with($each->nodeName, 'Interaction'),
        ));
        self::assertSame(
            array_map(static fn (DOMElement $each): string => $each->getAttribute('identifier'), $declared),
            array_map(static fn (DOMElement $each): string => $each->getAttribute('responseIdentifier'), $interactions),
            $name,
        );
        $choices = self::values($item, 'identifier');
        foreach ($declared as $response) {
            // Right responses name choices that are there (5.1, 7.2).
            foreach ($response->getElementsByTagName('value') as $value) {
                if (in_array($response->getAttribute('baseType'), ['identifier', 'directedPair'], true)) {
                    self::assertSame([], array_diff(explode(' ', $value->textContent), $choices), $name);
                }
            }
            // A single response has one right value, and what is compared is compared by its kind (15.3).
            if ($response->getAttribute('cardinality') === 'single' && $response->getElementsByTagName('value')->length > 0) {
                self::assertCount(1, $response->getElementsByTagName('value'), $name);
            }
        }

        return array_map(static fn (DOMElement $each): string => $each->nodeName, $interactions);
    }

    /** @return array<string, mixed> a document that asks in every way that can be written down */
    private function asking(): array
    {
        $document = self::document();
        $slide = &$document['parts'][0]['slides'][0];
        $slide['blocks'][0]['content']['tolerance'] = '0.5';
        $things = array_map(static fn (string $id): array => ['id' => $id, 'text' => "thing {$id}"], ['a', 'b', 'c']);
        $right = ['id' => 'a', 'text' => 'One & two', 'right' => true];
        $contents = [
            ['type' => 'choice', 'choices' => [$right, ['id' => 'b', 'text' => '<3', 'right' => false]]],
            ['type' => 'order', 'items' => $things],
            ['type' => 'sort', 'groups' => [['id' => 'g1', 'name' => 'warm'], ['id' => 'g2', 'name' => 'cold']], 'items' => [
                ['id' => 'a', 'text' => 'fire', 'group' => 'g1'], ['id' => 'b', 'text' => 'ice', 'group' => 'g2'],
            ]],
            ['type' => 'highlight', 'passage' => 'The Sun was high & bright.', 'evidence' => [['id' => 'e', 'from' => 1, 'to' => 2]]],
            ['type' => 'truth', 'isTrue' => false, 'letter' => 'n', 'domain' => 'n is whole', 'holds' => 'n > 0'],
            ['type' => 'tasks', 'tasks' => $things, 'value' => 'Any of them.'],
            ['type' => 'label', 'bank' => true, 'picture' => 'dial', 'points' => [
                ['id' => 'a', 'name' => 'dial / dial plate', 'x' => 0.2, 'y' => 0.3],
                ['id' => 'b', 'name' => 'gnomon', 'x' => 0.7, 'y' => 0.3],
            ]],
            ['type' => 'label', 'bank' => false, 'picture' => 'dial', 'points' => [
                ['id' => 'a', 'name' => 'dial', 'x' => 0.2, 'y' => 0.3],
            ]],
        ];
        $tables = [
            ['tolerance' => '0.5', 'hasHead' => true, 'rows' => [['Stick', 'Shadow'], ['20 cm', '?31 cm'], ['tall', '?Summer']]],
            ['hasHead' => false, 'rows' => [['My shadow', '?']]],
        ];
        $tables = array_map(static fn (array $table): array => ['hasSide' => false] + $table, $tables);
        $document['media'] = ['dial' => ['description' => 'A dial', 'credit' => 'Rowan Ash', 'licence' => 'own'] + $this->picture()];
        foreach ([...$contents, ...$tables] as $number => $content) {
            $slide['blocks'][] = [
                'id' => "asked-{$number}", 'kind' => isset($content['rows']) ? 'table' : 'question',
                'region' => 'main', 'step' => 'measure-1',
                'reveals' => (object) ['answer' => 'measure-2'], 'content' => ['prompt' => 'What?', 'marks' => 2] + $content,
            ];
        }

        return $document;
    }

    /** @return array<string, mixed> a medium whose file is kept */
    private function picture(): array
    {
        $file = Files::temporary('png');
        imagepng(imagecreatetruecolor(40, 30), $file);

        return app(MediaStore::class)->bringIn($this->teacher('Sol'), $file, 'dial.png');
    }

    /** @param  array<string, mixed>|null  $document */
    private function written(string $format, ?array $document = null): string
    {
        $rowan = $this->teacher();
        $this->actingAs($rowan);
        $lesson = $this->lesson($rowan, $document);
        if ($document === null) {
            $this->take($lesson, 'measure', 2);
            $this->take($lesson, 'why', 1);
            $this->postJson("/api/lessons/{$lesson->id}/releases")->assertCreated();
        }
        $writer = Formats::writer($format) ?? self::fail($format);
        self::assertNull($writer->obstacle($lesson->refresh()));

        return $writer->write($lesson, static function (): void {
        });
    }

    private static function opened(string $file): ZipArchive
    {
        $zip = new ZipArchive;
        self::assertTrue($zip->open($file));

        return $zip;
    }

    private static function xml(ZipArchive $zip, string $name): DOMDocument
    {
        $document = new DOMDocument;
        self::assertTrue($document->loadXML((string) $zip->getFromName($name)), $name);

        return $document;
    }

    private static function one(DOMDocument $document, string $element): DOMElement
    {
        return $document->getElementsByTagName($element)->item(0) ?? self::fail("There is no {$element}.");
    }

    /** @return list<string> of an attribute, wherever it stands */
    private static function values(DOMDocument $document, string $attribute): array
    {
        $values = [];
        foreach ($document->getElementsByTagName('*') as $element) {
            if ($element->hasAttribute($attribute)) {
                $values[] = $element->getAttribute($attribute);
            }
        }

        return $values;
    }
}
