<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Lessons\HandoutFile;
use App\Models\Lesson;
use Daybright\Handout\Handout;
use Illuminate\Http\JsonResponse;

/** The printed pages of a lesson, to look at and to take away. */
class HandoutController
{
    public function __construct(private readonly HandoutFile $handout)
    {
    }

    public function show(Lesson $lesson): JsonResponse
    {
        $read = $lesson->read();

        return new JsonResponse(['pages' => $this->handout->pages($read), 'troubles' => (object) Handout::troubles($read)]);
    }
}
