<?php

namespace App\Http\Controllers;

use App\Adapters\Files;
use App\Adapters\Sound\PracticeVoice;
use App\Models\Lesson;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The practice voice, for a machine with no microphone. */
class VoiceController
{
    public function speak(Request $request, Lesson $lesson): BinaryFileResponse
    {
        $given = $request->validate(['script' => 'present|nullable|string|max:4000']);

        $spoken = Files::tidily(static fn (): string => PracticeVoice::speak((string) $given['script'], $lesson->read()->pace));

        return response()->file($spoken, ['Content-Type' => 'audio/wav'])->deleteFileAfterSend();
    }
}
