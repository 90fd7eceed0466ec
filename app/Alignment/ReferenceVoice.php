<?php

declare(strict_types=1);

namespace App\Alignment;

use App\Adapters\Files;
use App\Adapters\Program;
use Daybright\Recording\Alignment\MelFeatures;
use Daybright\Recording\Alignment\Script;
use Daybright\Recording\Alignment\ScriptWord;

/** The script as espeak-ng says it, with its own word of when it says what. */
final class ReferenceVoice
{
    /** The voice that the method was tuned with; the other languages have voices of their names. */
    private const ENGLISH = 'en-us';

    /**
     * @return array{sound: string, starts: list<float>, phonemes: list<array{float, string}>} path of the sound: raw, at MelFeatures::RATE
     */
    public static function speak(Script $script): array
    {
        $raw = Files::temporary('raw');
        $sentences = array_map(self::sentence(...), $script->sentences());
        $told = json_decode(Program::run('php', ['-d', 'ffi.enable=1', __DIR__.'/reference-voice.php'], json_encode([
            'voice' => $script->language === 'en' ? self::ENGLISH : $script->language,
            'sound' => $raw,
            'sentences' => array_map(static fn (array $sentence): array => [
                'text' => $sentence['text'],
                'words' => array_column($sentence['words'], 0),
            ], $sentences),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)), true, 16, JSON_THROW_ON_ERROR);
        $starts = self::starts(array_values($sentences), $told['sentences'], count($script->words));
        $rate = (int) $told['rate'];
        $phonemes = [];
        foreach ($told['sentences'] as $sentence) {
            foreach ($sentence['phonemes'] as [$sample, $name]) {
                $phonemes[] = [$sample / $rate, (string) $name];
            }
        }

        return [
            'sound' => self::resampled($raw, $rate),
            'starts' => array_map(static fn (float $sample): float => $sample / $rate, $starts),
            'phonemes' => $phonemes,
        ];
    }

    /**
     * @param  array<int, ScriptWord>  $words by their number in the script
     * @return array{text: string, words: list<array{int, int, int}>} first letter of each spoken word, number of its word, its length
     */
    private static function sentence(array $words): array
    {
        $text = '';
        $spoken = [];
        foreach ($words as $number => $word) {
            foreach ($word->spoken as $each) {
                $spoken[] = [mb_strlen($text), $number, mb_strlen($each)];
                $text .= $each.' ';
            }
            $text = $word->pause === 0 ? $text : rtrim($text).($word->pause === 2 ? '. ' : ', ');
        }

        return ['text' => $text, 'words' => $spoken];
    }

    /**
     * Where each word of the script begins. Words that the voice runs together are shared out by their letters.
     *
     * @param  list<array{text: string, words: list<array{int, int, int}>}>  $sentences
     * @param  list<array{from: int, to: int, words: list<int|null>, phonemes: list<array{int, string}>}>  $told
     * @return list<float> in samples
     */
    private static function starts(array $sentences, array $told, int $words): array
    {
        $starts = [];
        foreach ($sentences as $number => $sentence) {
            $at = $told[$number]['words'];
            $count = count($at);
            $last = (float) $told[$number]['from'];
            for ($first = 0; $first < $count; $first = $until) {
                $last = (float) ($at[$first] ?? $last);
                for ($until = $first + 1; $until < $count && $at[$until] === null; $until++);
                $end = (float) ($at[$until] ?? $told[$number]['to']);
                $together = array_slice($sentence['words'], $first, $until - $first);
                $letters = array_sum(array_map(static fn (array $word): int => $word[2] + 1, $together));
                $passed = 0;
                for ($word = $first; $word < $until; $word++) {
                    $starts[$sentence['words'][$word][1]] ??= $last + ($end - $last) * $passed / max(1, $letters);
                    $passed += $sentence['words'][$word][2] + 1;
                }
            }
        }
        // What is not spoken begins where the next word does.
        $next = (float) ($told === [] ? 0 : $told[count($told) - 1]['to']);
        for ($word = $words - 1; $word >= 0; $word--) {
            $next = $starts[$word] ??= $next;
        }
        ksort($starts);

        return array_values($starts);
    }

    private static function resampled(string $raw, int $rate): string
    {
        $target = Files::temporary('raw');
        Program::run('ffmpeg', [
            '-v', 'error', '-y', '-f', 's16le', '-ar', (string) $rate, '-ac', '1', '-i', $raw,
            '-ar', (string) MelFeatures::RATE, '-f', 's16le', $target,
        ]);

        return $target;
    }
}
