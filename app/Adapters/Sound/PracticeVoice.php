<?php

declare(strict_types=1);

namespace App\Adapters\Sound;

use App\Adapters\Files;
use App\Adapters\Program;

/** The practice voice: speaks a script on a machine with no microphone, English through flite, other languages through espeak-ng. */
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

    /** Words a minute that the English voice speaks when its sounds are not stretched, its pauses among them. */
    private const UNSTRETCHED = 182;

    /**
     * @param  string  $language ISO 639-1
     * @return string path of a WAV file, to be removed by the caller
     */
    public static function speak(string $script, float $wordsAMinute = 130, string $language = 'en'): string
    {
        $text = trim(strtr($script, self::SPOKEN));

        return $language === 'en' && $text !== '' ? self::english($text, $wordsAMinute) : self::other($text, $wordsAMinute, $language);
    }

    /** The pleasanter voice, which speaks English alone. */
    private static function english(string $text, float $wordsAMinute): string
    {
        $target = Files::temporary('wav');
        $stretch = sprintf('duration_stretch=%.3F', max(0.7, min(2.4, self::UNSTRETCHED / $wordsAMinute)));
        // It reads what stands between letters of ASCII alone.
        $plain = strtr($text, ['’' => "'", '‘' => "'", '“' => '"', '”' => '"', '–' => ', ', '—' => ', ', '…' => '.']);
        $source = Files::temporary('txt');
        file_put_contents($source, $plain);
        Program::run('flite', ['-voice', 'slt', '--setf', $stretch, '-f', $source, '-o', $target], seconds: 60);

        return $target;
    }

    private static function other(string $text, float $wordsAMinute, string $language): string
    {
        $target = Files::temporary('wav');
        // espeak-ng counts its pauses too: it takes about a fifth more to keep to the teacher's pace.
        $speed = (string) (int) round(max(80, min(260, $wordsAMinute * 1.2)));
        $voice = $language === 'en' ? 'en-gb' : $language;
        Program::run('espeak', ['-v', $voice, '-s', $speed, '-w', $target, '--stdin'], $text === '' ? '.' : $text, 60);

        return $target;
    }
}
