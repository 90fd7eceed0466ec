<?php

declare(strict_types=1);

namespace App\Adapters\Sound;

use App\Adapters\Files;
use App\Adapters\Program;

/** The built-in practice voice: speaks a script through espeak-ng, for a machine with no microphone. */
final class PracticeVoice
{
    /** How signs are said. */
    private const SPOKEN = [
        '×' => ' times ',
        '÷' => ' divided by ',
        '=' => ' equals ',
        '−' => ' minus ',
        '≈' => ' is about ',
        '²' => ' squared',
        '³' => ' cubed',
        '`' => ' ',
        '*' => ' ',
    ];

    /**
     * @return string path of a WAV file, to be removed by the caller
     */
    public static function speak(string $script, float $wordsAMinute = 130): string
    {
        $target = Files::temporary('wav');
        $text = strtr($script, self::SPOKEN);
        $text = trim($text) === '' ? '.' : $text;
        // espeak-ng counts its pauses too: it takes about a fifth more to keep to the teacher's pace.
        $speed = (string) (int) round(max(80, min(260, $wordsAMinute * 1.2)));
        Program::run('espeak', ['-v', 'en-gb', '-s', $speed, '-w', $target, '--stdin'], $text, 60);

        return $target;
    }
}
