<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Adapters\Files;
use App\Adapters\Sound\PracticeVoice;
use App\Http\Requests\SpeakRequest;
use App\Models\Lesson;
use Daybright\Block\SlideFacts;
use Daybright\Language\PlainWords;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The practice voice, for a machine with no microphone. */
class VoiceController
{
    public function speak(SpeakRequest $request, Lesson $lesson): BinaryFileResponse
    {
        $given = $request->validated();
        $read = $lesson->read();
        $slide = $read->slide((string) ($given['slide'] ?? ''));
        $words = PlainWords::read((string) $given['script'], $slide === null ? [] : SlideFacts::on($slide));

        $spoken = Files::tidily(static fn (): string => PracticeVoice::speak($words, $read->pace, $read->language));

        return response()->file($spoken, ['Content-Type' => 'audio/wav'])->deleteFileAfterSend();
    }
}
