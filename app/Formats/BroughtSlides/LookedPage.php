<?php

declare(strict_types=1);

namespace App\Formats\BroughtSlides;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Formats\Pdf\PdfPages;
use App\Lessons\SlideDrawing;
use Closure;
use Daybright\Format\Readers\Page\Page;
use Daybright\Lesson\PartKind;
use Daybright\Scene\RenderContext;
use Daybright\Scene\SvgWriter;
use Daybright\Scene\Typesetter;

/** A page as it looked: first a drawing that names its pictures, and where it is wanted a picture of it. */
final readonly class LookedPage
{
    /** In the drawing, before the hash of a picture. */
    private const MEDIUM = '/medium:([0-9a-f]{64})/';

    /** Of a photo, of 100. */
    private const QUALITY = 92;

    /** Seconds and megabytes within which it has to be drawn. */
    private const PATIENCE = 30.0;

    private const MEMORY = 1500;

    public function __construct(private Typesetter $type)
    {
    }

    /** @param  array<string, string>  $pictures hash of each picture by the name of its part */
    public function drawing(Page $page, array $pictures): string
    {
        $context = new RenderContext($this->type, PartKind::Explain->tint(), PartKind::Explain->strong());

        return (new SvgWriter(static fn (string $sha256): string => "medium:{$sha256}"))->write($page->scene($context, $pictures));
    }

    /** @param  Closure(string): string  $address of a picture by its hash */
    public static function with(string $drawing, Closure $address): string
    {
        return (string) preg_replace_callback(self::MEDIUM, static fn (array $match): string => $address($match[1]), $drawing);
    }

    /**
     * A drawing, in which letters are outlines, so that it looks the same wherever it is shown; or a photo where it holds pictures.
     *
     * @param  Closure(string): string  $address of a picture by its hash, with its bytes in it
     * @return string|null path of a temporary file; null where it cannot be drawn
     */
    public static function picture(string $drawing, Closure $address): ?string
    {
        $svg = self::with($drawing, $address);

        return str_contains($drawing, '<image') ? self::photographed($svg) : self::outlined($svg);
    }

    private static function outlined(string $svg): ?string
    {
        $pdf = Files::temporary('pdf');
        $drawing = Files::temporaryWith($svg, 'svg');
        Program::run('rsvg', ['-f', 'pdf', '--unlimited', '-o', $pdf, $drawing], seconds: self::PATIENCE, megabytes: self::MEMORY);

        return PdfPages::open($pdf, 1)->picture(1);
    }

    private static function photographed(string $svg): ?string
    {
        $points = imagecreatefrompng(SlideDrawing::png($svg));
        $photo = Files::temporary('jpg');

        return $points !== false && imagejpeg($points, $photo, self::QUALITY) ? $photo : null;
    }
}
