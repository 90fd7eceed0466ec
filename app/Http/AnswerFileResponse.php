<?php

declare(strict_types=1);

namespace App\Http;

use App\Adapters\Files;
use App\Models\Answer;
use App\Watching\AnswerFile;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What a student said or drew, for those who may hear and see it. */
final class AnswerFileResponse
{
    public static function send(?Answer $answer): BinaryFileResponse
    {
        abort_if($answer?->file === null, 404);

        return response()->file(Files::found($answer->file), ['Content-Type' => AnswerFile::type($answer)]);
    }
}
