<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShelveLessonRequest;
use App\Http\Requests\ShelveSeriesRequest;
use App\Lessons\ShapeView;
use App\Lessons\Shelf;
use App\Models\Lesson;
use App\Models\Series;
use App\Models\User;
use Daybright\Deck\Shapes;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** Lessons and series on Home: renamed, copied, put in order and put away; and the shapes that a new lesson can begin with. */
class ShelfController
{
    public function __construct(private readonly Shelf $shelf)
    {
    }

    public function shapes(): JsonResponse
    {
        return new JsonResponse(['shapes' => array_map(ShapeView::show(...), Shapes::CATALOGUE)]);
    }

    public function copy(Lesson $lesson): JsonResponse
    {
        return new JsonResponse(['id' => $this->shelf->copy($lesson)->id], 201);
    }

    public function update(ShelveLessonRequest $request, Lesson $lesson, #[CurrentUser] User $teacher): JsonResponse
    {
        $wanted = $request->validated();
        if (isset($wanted['title'])) {
            $this->shelf->rename($lesson, $wanted['title']);
        }
        if (array_key_exists('series', $wanted)) {
            $series = $wanted['series'] === null ? null : $teacher->series()->whereKey($wanted['series'])->firstOrFail();
            $this->shelf->place($lesson, $series);
        }
        if (isset($wanted['by'])) {
            $this->shelf->move($lesson, (int) $wanted['by']);
        }
        if (isset($wanted['putAway'])) {
            $this->shelf->putAway($lesson, (bool) $wanted['putAway']);
        }

        return new JsonResponse(null, 204);
    }

    public function updateSeries(ShelveSeriesRequest $request, Series $series): JsonResponse
    {
        $wanted = $request->validated();
        if (isset($wanted['title'])) {
            $series->update(['title' => $wanted['title']]);
        }
        if (isset($wanted['by'])) {
            $this->shelf->moveSeries($series, (int) $wanted['by']);
        }
        if (isset($wanted['look'])) {
            $this->shelf->giveLook($series, $wanted['look']);
        }

        return new JsonResponse(null, 204);
    }
}
