<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use Daybright\Deck\SlidePainter;
use Daybright\Lesson\Lesson;
use Daybright\Scene\FormulaSetter;
use Daybright\Scene\Picture;
use Daybright\Scene\ScanCode;
use Daybright\Scene\ScanCodes;
use Daybright\Scene\SetFormula;
use Daybright\Scene\Typeface;
use Daybright\Scene\Typesetter;

/** What the tests of slides begin with: the real font metrics, plain formulas, short documents. */
final class Slides
{
    public static function painter(): SlidePainter
    {
        return new SlidePainter(self::typefaces(), self::formulas(), self::codes());
    }

    /** A code of one dark module, whatever it says. */
    public static function codes(): ScanCodes
    {
        return new class implements ScanCodes
        {
            public function of(string $text): ScanCode
            {
                return new ScanCode(1, 'M0 0h1v1h-1z');
            }
        };
    }

    public static function typesetter(): Typesetter
    {
        return new Typesetter(self::typefaces()['lexend'], self::formulas());
    }

    /**
     * @param  list<array<string, mixed>>  $blocks
     * @param  list<string>  $scripts
     * @param  array<string, mixed>  $more fields of the slide
     */
    public static function lesson(
        array $blocks,
        array $scripts = ['Hello.', 'Hello again.'],
        array $more = [],
        string $part = 'explain',
    ): Lesson {
        return Lesson::from(self::document($blocks, $scripts, $more, $part));
    }

    /** @param  array<string, mixed>  ...$beside blocks of the slide after the block “parts”, a picture with two names */
    public static function lessonWithNames(array ...$beside): Lesson
    {
        $points = [['name' => 'gnomon', 'x' => 0.4, 'y' => 0.3], ['name' => 'dial', 'x' => 0.6, 'y' => 0.6]];
        $quantities = ['picture' => 'picture-1', 'points' => $points, 'view' => 'names'];
        $parts = self::block('parts', 'figure', ['figure' => 'labelled-picture', 'quantities' => $quantities]);

        return Lesson::from(['media' => ['picture-1' => self::picture('A sundial')]] + self::document([$parts, ...array_values($beside)]));
    }

    /**
     * @param  list<array<string, mixed>>  $blocks
     * @param  list<string>  $scripts
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function document(
        array $blocks,
        array $scripts = ['Hello.', 'Hello again.'],
        array $more = [],
        string $part = 'explain',
    ): array {
        $steps = [];
        foreach ($scripts as $number => $script) {
            $steps[] = ['id' => 'step-'.($number + 1), 'script' => $script, 'pause' => 0];
        }
        $slide = [
            'id' => 'slide-1',
            'title' => 'A slide',
            'side' => false,
            'arrangement' => 'whole',
            'aims' => [],
            'steps' => $steps,
            'blocks' => $blocks,
            ...$more,
        ];

        return [
            'format' => 'daybright-lesson',
            'version' => 1,
            'title' => 'A lesson',
            'minutes' => 5,
            'pace' => 120,
            'aims' => [],
            'media' => [],
            'parts' => [['id' => 'part-1', 'kind' => $part, 'slides' => [$slide]]],
        ];
    }

    /** @return array<string, mixed> a film of twelve seconds with sound */
    public static function clip(string $description): array
    {
        return [
            'name' => 'gate.mov', 'type' => 'video/mp4', 'sha256' => str_repeat('c', 64), 'seconds' => 12.0, 'wave' => '123',
            'description' => $description, 'credit' => 'Rowan Ash', 'licence' => 'own',
        ];
    }

    /** @return array<string, mixed> a picture as a document lists it */
    public static function picture(string $description, string $credit = ''): array
    {
        return [
            'name' => 'picture.png', 'type' => 'image/png', 'sha256' => str_repeat('a', 64), 'width' => 1200, 'height' => 900,
            'description' => $description, 'credit' => $credit, 'licence' => 'own',
        ];
    }

    /**
     * @param  array<string, mixed>  $content
     * @param  array<string, string>  $reveals
     * @return array<string, mixed>
     */
    public static function block(
        string $id,
        string $kind,
        array $content,
        string $step = 'step-1',
        array $reveals = [],
        string $region = 'main',
    ): array {
        return ['id' => $id, 'kind' => $kind, 'region' => $region, 'step' => $step, 'reveals' => $reveals, 'content' => $content];
    }

    /** @return array<string, Picture> one picture of the lesson, 1200 by 800 */
    public static function pictures(): array
    {
        return ['picture-1' => new Picture('picture-1', 1200, 800, 'A picture', '', '')];
    }

    /** @return array<string, Typeface> */
    public static function typefaces(): array
    {
        return Typeface::all(require __DIR__.'/../../../fonts/metrics.php');
    }

    public static function formulas(): FormulaSetter
    {
        return new class implements FormulaSetter
        {
            public function set(string $tex): SetFormula
            {
                return new SetFormula('<path d="M0 0h500"/>', max(0.5, strlen($tex) * 0.3), 0.7, 0.2);
            }
        };
    }
}
