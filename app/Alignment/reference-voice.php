<?php

declare(strict_types=1);

/*
 * Speaks sentences through libespeak-ng, which tells when it says what, and writes down both. A program of its own: a library that
 * fails inside PHP takes PHP with it.
 *
 * Reads {"voice", "sound": path of the file to write, "sentences": [{"text", "words": [first letter of each]}]} from standard input;
 * writes {"rate", "sentences": [{"from", "to", "words": [sample or null], "phonemes": [[sample, name]]}]}. Samples count through the file.
 */

const WORDS_A_MINUTE = 165;

/** Kinds of events, and ways of working, as speak_lib.h has them. */
const AUDIO_OUTPUT_SYNCHRONOUS = 2;
const PHONEME_EVENTS = 1;
const RATE_PARAMETER = 1;
const WORD_EVENT = 1;
const PHONEME_EVENT = 7;
const UTF8 = 1;

$given = json_decode((string) stream_get_contents(STDIN), true, 16, JSON_THROW_ON_ERROR);
$espeak = FFI::cdef(<<<'C'
    typedef struct {
        int type; unsigned int unique_identifier; int text_position; int length; int audio_position; int sample; void* user_data;
        union { int number; const char *name; char string[8]; } id;
    } espeak_EVENT;
    typedef int (*callback)(short*, int, espeak_EVENT*);
    int espeak_Initialize(int output, int buffer, const char *path, int options);
    void espeak_SetSynthCallback(callback called);
    int espeak_SetVoiceByName(const char *name);
    int espeak_SetParameter(int parameter, int value, int relative);
    int espeak_Synth(const char *text, size_t size, unsigned int position, int kind, unsigned int end, unsigned int flags, unsigned int* id, void* data);
    C, 'libespeak-ng.so.1');
$rate = $espeak->espeak_Initialize(AUDIO_OUTPUT_SYNCHRONOUS, 0, null, PHONEME_EVENTS);
$sound = '';
$events = [];
$espeak->espeak_SetSynthCallback(static function ($wave, int $count, $told) use (&$sound, &$events): int {
    if ($wave !== null && $count > 0) {
        $sound .= FFI::string(FFI::cast('char*', $wave), $count * 2);
    }
    for ($i = 0; $told[$i]->type !== 0; $i++) {
        $event = $told[$i];
        if ($event->type === WORD_EVENT || $event->type === PHONEME_EVENT) {
            $name = $event->type === PHONEME_EVENT ? rtrim(FFI::string($event->id->string, 8), "\0") : '';
            $events[] = [$event->type, $event->text_position - 1, $event->sample, $name];
        }
    }

    return 0;
});
if ($espeak->espeak_SetVoiceByName($given['voice']) !== 0) {
    fwrite(STDERR, "There is no voice called {$given['voice']}.\n");
    exit(1);
}
$espeak->espeak_SetParameter(RATE_PARAMETER, WORDS_A_MINUTE, 0);
$sentences = [];
foreach ($given['sentences'] as $sentence) {
    $events = [];
    $from = intdiv(strlen($sound), 2);
    $espeak->espeak_Synth($sentence['text'], strlen($sentence['text']) + 1, 0, 1, 0, UTF8, null, null);
    $starts = $phonemes = [];
    foreach ($events as [$kind, $position, $sample, $name]) {
        if ($kind === WORD_EVENT) {
            $starts[$position] ??= $from + $sample;
        } else {
            // A name that is cut in the middle of a letter would be no text.
            $phonemes[] = [$from + $sample, mb_convert_encoding($name, 'UTF-8', 'UTF-8')];
        }
    }
    $sentences[] = [
        'from' => $from,
        'to' => intdiv(strlen($sound), 2),
        'words' => array_map(static fn (int $position): ?int => $starts[$position] ?? null, $sentence['words']),
        'phonemes' => $phonemes,
    ];
}
file_put_contents($given['sound'], $sound);
echo json_encode(['rate' => $rate, 'sentences' => $sentences], JSON_THROW_ON_ERROR);
