<?php

namespace App\Http\Controllers;

use App\Adapters\Files;
use App\Adapters\Sound\PracticeVoice;
use App\Models\Lesson;
use Daybright\Block\SlideFacts;
use Daybright\Language\PlainWords;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The practice voice, for a machine with no microphone. */
class VoiceController
{
    public function speak(Request $request, Lesson $lesson): BinaryFileResponse
    {
        $given = $request->validate(['script' => 'present|nullable|string|max:4000', 'slide' => 'nullable|string|max:40']);
        $read = $lesson->read();
        $slide = $read->slide((string) ($given['slide'] ?? ''));
        $words = PlainWords::of((string) $given['script'], $slide === null ? [] : SlideFacts::of($slide));

        $spoken = Files::tidily(static fn (): string => PracticeVoice::speak($words, $read->pace));

        return response()->file($spoken, ['Content-Type' => 'audio/wav'])->deleteFileAfterSend();
    }
}
