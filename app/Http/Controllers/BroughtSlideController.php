<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Lessons\BroughtSlideView;
use App\Models\BroughtSlide;
use App\Models\Lesson;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** Slides as they came in from a file, to choose how each is kept. */
final class BroughtSlideController
{
    public function __construct(private readonly BroughtSlideView $view)
    {
    }

    public function index(Lesson $lesson): JsonResponse
    {
        $document = $lesson->document();
        $slides = $lesson->broughtSlides->map(fn (BroughtSlide $brought): array => $this->view->of($document, $brought));

        return new JsonResponse(['slides' => $slides->values()]);
    }

    public function looked(Lesson $lesson, string $slide, #[CurrentUser] User $teacher): JsonResponse
    {
        return new JsonResponse($this->view->looked($teacher, $lesson->broughtSlides()->where('slide', $slide)->firstOrFail()));
    }
}
