<?php

declare(strict_types=1);

namespace Tests\Outside;

use App\Formats\Formats;
use App\Models\Lesson;
use App\Models\User;
use DOMDocument;
use DOMElement;
use Symfony\Component\Process\Process;
use Tests\App\TestCase;
use ZipArchive;

/**
 * Slides that are taken away: presentations as officeparser (npm) reads them, their packages against the rules of ECMA-376 part 2, and
 * PDF as poppler reads it.
 */
final class PresentationTest extends TestCase
{
    private const CONTENT_TYPES = 'http://schemas.openxmlformats.org/package/2006/content-types';

    private const RELATIONSHIPS = 'http://schemas.openxmlformats.org/package/2006/relationships';

    public function test_another_reader_finds_texts_notes_and_descriptions_in_the_order_of_the_lesson(): void
    {
        $found = self::readByAnother($this->written('pptx'));
        self::assertSame('Fish & chips <now>', $found['title']);
        self::assertCount(3, $found['slides']);
        [$first, $second, $third] = $found['slides'];
        self::assertSame(['Why “two”?'], $first['headings']);
        self::assertSame(['Why “two”?', 'Light comes in.', 'the first point', 'a second & last one'], $first['texts']);
        self::assertSame("Look at the list.\nTwo points, and no more than 1 < 2.", $first['notes']);
        self::assertStringContainsString('the first point', $first['pictures'][0]);
        // A formula is no text that another program could set: it stays in the picture.
        self::assertSame(['Half of it'], $second['texts']);
        self::assertStringContainsString('It is 1/2 of all.', $second['pictures'][0]);
        self::assertSame(['A closer look', 'Only for who asks.'], $third['texts']);
    }

    public function test_its_package_keeps_the_rules_of_packages(): void
    {
        $zip = new ZipArchive;
        $zip->open($this->written('pptx'));
        $names = [];
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $names[] = '/'.$zip->getNameIndex($index);
        }
        // Names (6.2.2): none twice in other letters, no empty or dotted segment, nothing percent-encoded.
        self::assertSame(array_unique(array_map(strtolower(...), $names)), array_map(strtolower(...), $names));
        foreach ($names as $name) {
            self::assertMatchesRegularExpression('#^(?:/[A-Za-z0-9_\[\]-]*(?:\.[A-Za-z0-9_-]+)+|/[A-Za-z0-9_-]+)+$#', $name);
        }
        // Content types (6.2.3, 7.2.3): every part has one; what is overridden is there, and once.
        $types = self::xml($zip, '[Content_Types].xml');
        self::assertSame(self::CONTENT_TYPES, $types->documentElement?->namespaceURI);
        $defaults = self::attributes($types, 'Default', 'Extension');
        $overridden = self::attributes($types, 'Override', 'PartName');
        self::assertSame(array_unique($overridden), $overridden);
        self::assertSame([], array_diff($overridden, $names));
        foreach (array_diff($names, ['/[Content_Types].xml'], $overridden) as $name) {
            self::assertContains(pathinfo($name, PATHINFO_EXTENSION), $defaults, $name);
            self::assertTrue(pathinfo($name, PATHINFO_EXTENSION) !== 'xml', "{$name} is known as plain XML only");
        }
        // Relationships (6.5): each of a part that is there, to one that is, with an id of its own; every part is reached from the package.
        $reached = self::reached($zip, '/');
        $isPart = static fn (string $name): bool => ! str_contains($name, '/_rels/') && $name !== '/[Content_Types].xml';
        $parts = array_filter($names, $isPart);
        self::assertEqualsCanonicalizing(array_values($parts), array_values(array_unique($reached)));
        $relations = array_filter($names, static fn (string $name): bool => str_contains($name, '/_rels/') && $name !== '/_rels/.rels');
        foreach ($relations as $name) {
            self::assertContains(dirname($name, 2).'/'.basename($name, '.rels'), $names, $name);
        }
        // What a slide names by an id is one of its relationships.
        foreach (preg_grep('#^/ppt/slides/slide\d+\.xml$#', $names) ?: [] as $name) {
            $slide = (string) $zip->getFromName(ltrim($name, '/'));
            preg_match_all('/r:(?:embed|id|link)="([^"]+)"/', $slide, $named);
            self::assertSame([], array_diff($named[1], array_keys(self::targets($zip, $name))), $name);
            self::assertMatchesRegularExpression('/ id="(\d+)"(?!.* id="\1")/s', $slide);
        }
        foreach ($names as $name) {
            if (str_ends_with($name, '.xml') || str_ends_with($name, '.rels')) {
                self::xml($zip, ltrim($name, '/'));
            }
        }
    }

    public function test_a_pdf_has_a_page_a_slide_or_a_step_in_the_shape_of_slides_with_its_texts(): void
    {
        foreach (['slides' => 3, 'steps' => 4] as $format => $pages) {
            $file = $this->written($format);
            $about = (new Process(['pdfinfo', $file]))->mustRun()->getOutput();
            self::assertMatchesRegularExpression("/^Pages: +{$pages}$/m", $about);
            self::assertMatchesRegularExpression('/^Page size: +(?:960|959\.99\d*) x 540 pts/m', $about);
        }
        $text = static fn (int $page): string => (new Process(
            ['pdftotext', '-f', (string) $page, '-l', (string) $page, $file, '-'],
        ))->mustRun()->getOutput();
        self::assertStringContainsString('Why “two”?', $text(1));
        self::assertStringNotContainsString('a second', $text(1));
        self::assertStringContainsString('a second & last one', $text(2));
    }

    public function test_one_slide_is_a_picture_or_a_drawing_that_needs_nothing_else(): void
    {
        $lesson = $this->lessonToTakeAway();
        $of = fn (string $kind): string => self::downloaded(
            $this->get("/api/lessons/{$lesson->id}/slides/one/picture.{$kind}")->assertOk()->assertDownload("Why two.{$kind}"),
        );
        $size = getimagesize($of('png'));
        self::assertSame([1920, 1080, 'image/png'], [$size[0] ?? 0, $size[1] ?? 0, $size['mime'] ?? '']);
        $drawing = (string) file_get_contents($of('svg'));
        self::assertStringContainsString('a second', str_replace('</tspan>', '', (string) preg_replace('/<tspan[^>]*>/', '', $drawing)));
        self::assertDoesNotMatchRegularExpression('#href="(?!data:|\#)#', $drawing);
        $this->get("/api/lessons/{$lesson->id}/slides/none/picture.png")->assertNotFound();
    }

    private function written(string $format): string
    {
        $lesson = $this->lessonToTakeAway();
        $file = Formats::writer($format)?->write($lesson, static function (): void {
        });

        return $file ?? self::fail("Nothing writes {$format}.");
    }

    private function lessonToTakeAway(): Lesson
    {
        $block = static fn (string $id, string $step, string $text): array => [
            'id' => $id, 'kind' => 'text', 'region' => 'main', 'step' => $step, 'reveals' => (object) [], 'content' => ['text' => $text],
        ];
        $slide = static fn (string $id, string $title, array $steps, array $blocks, bool $side = false): array => [
            'id' => $id, 'title' => $title, 'side' => $side, 'arrangement' => 'whole', 'aims' => [], 'blocks' => $blocks,
            'steps' => array_map(
                static fn (int $number, string $script): array => ['id' => "{$id}-".($number + 1), 'script' => $script, 'pause' => 0],
                array_keys($steps),
                $steps,
            ),
        ];
        $document = ['title' => 'Fish & chips <now>'] + self::document();
        $document['parts'] = [['id' => 'part-1', 'kind' => 'explain', 'slides' => [
            $slide('side', 'A closer look', ['Only if you like.'], [$block('text-3', 'side-1', 'Only for who asks.')], true),
            $slide('one', 'Why “two”?', ['Look at the *list*.', 'Two points, and no more than 1 < 2.'], [
                $block('text-1', 'one-1', "Light *comes* in.\n- the first point"),
                $block('text-2', 'one-2', '- a second & last one'),
            ]),
            $slide('two', 'Half of it', ['It is a half.'], [$block('formula', 'two-1', 'It is `1/2` of all.')]),
        ]]];

        return $this->lesson($this->rowan(), $document);
    }

    private ?User $rowan = null;

    private function rowan(): User
    {
        $this->actingAs($this->rowan ??= $this->teacher());

        return $this->rowan;
    }

    /** @return array{title: string, slides: list<array{texts: list<string>, headings: list<string>, pictures: list<string>, notes: string}>} */
    private static function readByAnother(string $file): array
    {
        $node = new Process(['node', __DIR__.'/read-presentation.mjs', $file], timeout: 120);

        return json_decode($node->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }

    private static function xml(ZipArchive $zip, string $name): DOMDocument
    {
        $document = new DOMDocument;
        self::assertTrue($document->loadXML((string) $zip->getFromName($name), LIBXML_NONET), $name);

        return $document;
    }

    /** @return list<string> */
    private static function attributes(DOMDocument $document, string $element, string $attribute): array
    {
        return array_map(
            static fn (DOMElement $found): string => $found->getAttribute($attribute),
            array_values(iterator_to_array($document->getElementsByTagName($element))),
        );
    }

    /** @return array<string, string> names of parts, by the ids of the relationships that lead to them */
    private static function targets(ZipArchive $zip, string $part): array
    {
        $rels = ltrim(($part === '/' ? '' : dirname($part)).'/_rels/'.($part === '/' ? '' : basename($part)).'.rels', '/');
        if ($zip->locateName($rels) === false) {
            return [];
        }
        $document = self::xml($zip, $rels);
        self::assertSame(self::RELATIONSHIPS, $document->documentElement?->namespaceURI);
        $ids = self::attributes($document, 'Relationship', 'Id');
        self::assertSame(array_unique($ids), $ids, $rels);
        $targets = array_map(static function (string $target) use ($part): string {
            $path = explode('/', trim(($part === '/' ? '' : dirname($part)).'/'.$target, '/'));
            $reached = [];
            foreach ($path as $segment) {
                $segment === '..' ? array_pop($reached) : $reached[] = $segment;
            }

            return '/'.implode('/', $reached);
        }, self::attributes($document, 'Relationship', 'Target'));

        return array_combine($ids, $targets);
    }

    /**
     * @param  list<string>  $known
     * @return list<string>
     */
    private static function reached(ZipArchive $zip, string $part, array $known = []): array
    {
        foreach (self::targets($zip, $part) as $target) {
            self::assertNotFalse($zip->locateName(ltrim($target, '/')), "{$part} leads to {$target}, which is not there");
            if (! in_array($target, $known, true)) {
                $known = self::reached($zip, $target, [...$known, $target]);
            }
        }

        return $known;
    }
}
