<?php

declare(strict_types=1);

/*
 * Finds the words of a script in a take. A program of its own, so that it runs with the tracing compiler whatever started it.
 *
 * Reads {"take": path, "script", "language", "voice": path, "starts": [seconds], "phonemes": [[second, name]]} from standard input; both
 * sounds are raw, 16 bit, mono, 16 kHz. Writes {"isOfThisScript", "words": [{"text", "from", "to", "isSaid"}], "departures": […]}.
 */

use Daybright\Recording\Alignment\Aligner;
use Daybright\Recording\Alignment\Departure;
use Daybright\Recording\Alignment\ReferenceSpeech;
use Daybright\Recording\Alignment\Script;

require __DIR__.'/../../vendor/autoload.php';

$given = json_decode((string) stream_get_contents(STDIN), true, 16, JSON_THROW_ON_ERROR);
$found = Aligner::align(
    (string) file_get_contents($given['take']),
    Script::read($given['script'], $given['language']),
    new ReferenceSpeech((string) file_get_contents($given['voice']), $given['starts'], $given['phonemes']),
);
echo json_encode([
    'isOfThisScript' => $found->isOfThisScript,
    'words' => $found->words,
    'departures' => array_map(
        static fn (Departure $departure): array => ['kind' => $departure->kind->value] + get_object_vars($departure),
        $found->departures,
    ),
], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
