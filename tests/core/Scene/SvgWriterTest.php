<?php

declare(strict_types=1);

namespace Tests\Core\Scene;

use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Paint;
use Daybright\Scene\Scene;
use Daybright\Scene\SetFormula;
use Daybright\Scene\Shape;
use Daybright\Scene\SvgWriter;
use Daybright\Scene\TextStyle;
use DOMDocument;
use DOMElement;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class SvgWriterTest extends TestCase
{
    public function test_what_a_teacher_types_is_never_markup(): void
    {
        $typed = '<script>alert("1")</script> & \'so\' on';
        $svg = self::write(new Group('a"b', 'main', 'step-1', 0, [Slides::typesetter()->label($typed, 0, 0, new TextStyle(40))]));
        self::assertStringNotContainsString('<script', $svg);
        self::assertSame($typed, self::parsed($svg)->textContent);
        self::assertSame('a"b', self::first($svg, 'g')->getAttribute('data-block'));
    }

    public function test_pictures_get_the_address_that_is_asked_for_and_keep_their_shape(): void
    {
        $writer = new SvgWriter(static fn (string $medium): string => "/pictures/{$medium}?a=1&b=2");
        $svg = $writer->write(new Scene([new Group('b', 'main', 's', 0, [Shape::image(new Box(10, 20, 300, 200), 'gate')])], [], [], []));
        $image = self::first($svg, 'image');
        self::assertSame('/pictures/gate?a=1&b=2', $image->getAttribute('xlink:href'));
        self::assertSame('xMidYMid meet', $image->getAttribute('preserveAspectRatio'));
        self::assertSame(['10', '20', '300', '200'], array_map($image->getAttribute(...), ['x', 'y', 'width', 'height']));
    }

    public function test_shapes_are_written_with_their_paint_and_short_numbers(): void
    {
        $svg = self::write(new Group('b', 'main', 's', 0, [
            Shape::rectangle(new Box(1 / 3, 0, 2, 2), Paint::outlined('#123456', 2, 'none', '4 2'), 5),
            Shape::circle(5, 6, 7, Paint::filled('#FFFFFF')),
            Shape::polygon([[0, 0], [10, 0.5], [5, 8.123456]], Paint::filled('#000000')),
            Shape::polyline([[0, 0], [1, 1]], Paint::outlined('#000000')),
        ], 12.5, 0));
        self::assertSame('translate(12.5 0)', self::first($svg, 'g')->getAttribute('transform'));
        $rectangle = self::first($svg, 'rect');
        self::assertSame(
            ['0.33', '5', '#123456', '2', '4 2'],
            array_map($rectangle->getAttribute(...), ['x', 'rx', 'stroke', 'stroke-width', 'stroke-dasharray']),
        );
        self::assertSame('', self::first($svg, 'circle')->getAttribute('stroke'));
        self::assertSame('0,0 10,0.5 5,8.12', self::first($svg, 'polygon')->getAttribute('points'));
        self::assertSame('none', self::first($svg, 'polyline')->getAttribute('fill'));
    }

    public function test_a_formula_stands_on_its_baseline_at_its_size(): void
    {
        $formula = new SetFormula('<path d="M0 0h500"/>', 0.5, 0.7, 0.2);
        $shape = Shape::formula($formula, 100, 400, 50, '#1F2D36');
        self::assertEqualsWithDelta(new Box(100, 365, 25, 45), $shape->box, 0.001);
        $group = self::parsed(self::write(new Group('b', 'main', 's', 0, [$shape])))->getElementsByTagName('g')->item(1);
        self::assertInstanceOf(DOMElement::class, $group);
        self::assertSame('translate(100 400) scale(0.05)', $group->getAttribute('transform'));
        self::assertSame(1, $group->getElementsByTagName('path')->length);
    }

    private static function write(Group ...$groups): string
    {
        return (new SvgWriter(static fn (string $medium): string => ''))->write(new Scene(array_values($groups), [], [], []));
    }

    private static function parsed(string $svg): DOMElement
    {
        $document = new DOMDocument;
        self::assertTrue($document->loadXML($svg));
        $root = $document->documentElement;
        self::assertInstanceOf(DOMElement::class, $root);

        return $root;
    }

    private static function first(string $svg, string $name): DOMElement
    {
        $found = self::parsed($svg)->getElementsByTagName($name)->item(0);
        self::assertInstanceOf(DOMElement::class, $found);

        return $found;
    }
}
