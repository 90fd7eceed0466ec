<?php

declare(strict_types=1);

namespace Tests\Outside;

use App\Adapters\Formula\QrCodes;
use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;
use Daybright\Scene\SvgWriter;
use Symfony\Component\Process\Process;
use Tests\App\TestCase;

/** Codes to scan, as they are drawn on a slide, against what ZBar (zbar.sourceforge.net, Debian’s zbar-tools) reads in a picture of it. */
final class ScanCodesTest extends TestCase
{
    public function test_a_code_on_a_slide_of_a_video_says_its_address(): void
    {
        $addresses = [
            'https://larkfield.example',
            'https://www.larkfield.example/films/sundial?start=130&end=270#part-2',
            'https://larkfield.example/'.str_repeat('a-long-way/', 12),
        ];
        foreach ($addresses as $address) {
            self::assertSame($address, self::read(Shape::code((new QrCodes)->of($address), new Box(1200, 300, 230, 230))));
        }
    }

    /** @param  list<Shape>  $shapes */
    private static function read(array $shapes): string
    {
        $scene = new Scene([new Group('', 'code', '', 0, $shapes)], [], [], []);
        $svg = tempnam(sys_get_temp_dir(), 'code').'.svg';
        file_put_contents($svg, (new SvgWriter(static fn (): string => ''))->write($scene));
        $png = $svg.'.png';
        (new Process(['rsvg-convert', '-w', '1280', '-h', '720', '-b', '#141E3C', '-o', $png, $svg]))->mustRun();
        $read = (new Process(['zbarimg', '--quiet', '--raw', '-Sdisable', '-Sqrcode.enable', $png]))->mustRun()->getOutput();
        array_map(unlink(...), [$svg, $png]);

        return trim($read);
    }
}
