<?php

declare(strict_types=1);

namespace Tests\Outside;

use App\Adapters\Files;
use App\Adapters\Program;

/** The picture that is put into documents: red, 64 by 48. */
final class RedSquare
{
    /** @return string path of a temporary PNG file */
    public static function file(): string
    {
        $picture = Files::temporary('png');
        $red = ['-f', 'lavfi', '-i', 'color=#FF0000:size=64x48,format=rgb24', '-frames:v', '1'];
        Program::run('ffmpeg', ['-v', 'error', '-y', ...$red, $picture]);

        return $picture;
    }
}
