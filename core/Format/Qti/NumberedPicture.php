<?php

declare(strict_types=1);

namespace Daybright\Format\Qti;

use Daybright\Format\Xml;
use Daybright\Lesson\Media\Picture\PictureMedium;

/** A picture with numbers on it, as a drawing that has the picture inside. */
final readonly class NumberedPicture
{
    /** Of a number, as a share of the picture’s longer side. */
    private const RADIUS = 0.03;

    /**
     * @param  string  $medium id of the picture
     * @param  list<array{float, float}>  $places of the numbers from 1 on, as shares of width and height
     */
    public function __construct(public string $medium, private array $places)
    {
    }

    /** @param  string  $address of the picture’s bytes */
    public function svg(PictureMedium $medium, string $address): string
    {
        $radius = self::RADIUS * max($medium->width, $medium->height);
        $numbers = array_map(static function (array $place, int $number) use ($medium, $radius): string {
            [$x, $y] = [round($place[0] * $medium->width, 1), round($place[1] * $medium->height, 1)];
            $written = ['x' => $x, 'y' => round($y + 0.35 * $radius, 1), 'text-anchor' => 'middle', 'font-size' => round($radius, 1)];

            return Xml::element('circle', ['cx' => $x, 'cy' => $y, 'r' => $radius, 'fill' => '#fff', 'stroke' => '#000'])
                .Xml::element('text', $written + ['font-family' => 'sans-serif'], (string) ($number + 1));
        }, $this->places, array_keys($this->places));

        return Xml::HEAD.Xml::element(
            'svg',
            ['xmlns' => 'http://www.w3.org/2000/svg', 'viewBox' => "0 0 {$medium->width} {$medium->height}"],
            Xml::element('image', ['href' => $address, 'width' => $medium->width, 'height' => $medium->height]),
            ...$numbers,
        );
    }
}
