<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\LessonIntake;
use App\Http\Middleware\CleanInput;
use App\Http\RawJson;
use App\Http\Requests\LessonFileRequest;
use App\Http\Requests\LessonPlanRequest;
use App\Http\Requests\LiveRequest;
use App\Http\Requests\VersionRequest;
use App\Http\Resources\KeptVersionResource;
use App\Lessons\BlankLesson;
use App\Lessons\KeptFindings;
use App\Lessons\LessonChange;
use App\Lessons\LessonDocument;
use App\Lessons\LessonOutline;
use App\Lessons\LessonSchema;
use App\Lessons\LessonStore;
use App\Lessons\LessonView;
use App\Lessons\LiveBlocks;
use App\Lessons\LookPreviews;
use App\Lessons\PaintedSlides;
use App\Lessons\StaleSave;
use App\Media\MediaStore;
use App\Models\Lesson;
use App\Models\User;
use Daybright\Deck\Credits;
use Daybright\Format\UnreadableText;
use Daybright\Lesson\Lesson as Document;
use Daybright\Lesson\Slide;
use Daybright\Timing\MeasuredPace;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use stdClass;

/** Lessons: made, shown, saved, undone, checked. */
class LessonController
{
    public function __construct(
        private readonly LessonStore $store,
        private readonly LessonSchema $schema,
        private readonly LessonView $view,
        private readonly PaintedSlides $painted,
        private readonly KeptFindings $findings,
    ) {
    }

    public function create(LessonPlanRequest $request, #[CurrentUser] User $teacher): JsonResponse
    {
        $plan = $request->validated();
        $series = ($plan['newSeries'] ?? '') !== '' && ($plan['newSeries'] ?? null) !== null
            ? $teacher->series()->create(['title' => $plan['newSeries'], 'place' => 1 + (int) $teacher->series()->max('place')])
            : (isset($plan['series']) ? $teacher->series()->whereKey($plan['series'])->firstOrFail() : null);
        $lesson = new Lesson([
            'user_id' => $teacher->id,
            'series_id' => $series?->id,
            'place' => ($series?->lessons()->max('place') ?? 0) + 1,
        ]);
        $this->store->create($lesson, BlankLesson::document(['look' => $series?->look()] + $plan));

        return new JsonResponse(['id' => $lesson->id], 201);
    }

    public function import(LessonFileRequest $request, LessonIntake $intake, #[CurrentUser] User $teacher): JsonResponse
    {
        $file = $request->file('file');
        $pages = $request->file('pages')?->getRealPath() ?: null;
        $broughtIn = $intake->bringIn($teacher, $file->getRealPath(), $file->getClientOriginalName(), $pages);

        return new JsonResponse([
            'id' => $broughtIn->lesson->id,
            'findings' => $broughtIn->findings,
            'choices' => $broughtIn->choices,
        ], 201);
    }

    public function show(Lesson $lesson): JsonResponse
    {
        $document = $lesson->document();
        $read = $document->read();

        return RawJson::with(
            $this->answer($lesson, $document, $read),
            'scenes',
            $this->painted->viewsOrTroubles($document, $read->slides()),
        );
    }

    public function save(Request $request, Lesson $lesson): JsonResponse
    {
        $body = CleanInput::body($request);
        if (! $body instanceof stdClass || ! ($body->document ?? null) instanceof stdClass || ! is_int($body->version ?? null)) {
            throw UnreadableText::notJson();
        }
        $document = LessonDocument::from($body->document);

        $this->schema->check($document);

        return $this->keep($lesson, $document, $document->changedSince($lesson->document()), $body->version);
    }

    /** The same with the slides that were changed, and the ids of the others. */
    public function saveChange(Request $request, Lesson $lesson): JsonResponse
    {
        $body = CleanInput::body($request);
        if (
            ! $body instanceof stdClass
            || ! ($body->frame ?? null) instanceof stdClass
            || ! ($body->slides ?? null) instanceof stdClass
            || ! is_int($body->version ?? null)
        ) {
            throw UnreadableText::notJson();
        }
        if ($body->version !== $lesson->version) {
            // The slides that it does not carry are those of another version: the whole document is needed.
            throw StaleSave::ofPart($lesson);
        }
        $before = $lesson->document();
        $change = LessonChange::apply($before, $body->frame, $body->slides);
        $this->schema->checkChange($change);

        return $this->keep($lesson, $change->document, $change->slidesToPaint($before), $body->version);
    }

    /** @param  list<Slide>  $changed */
    private function keep(Lesson $lesson, LessonDocument $document, array $changed, int $version): JsonResponse
    {
        $read = $document->read();
        MediaStore::refuseForeign($lesson->user_id, $read->media);
        // Drawn before it is stored: what cannot be drawn could not be opened again.
        $scenes = $this->painted->views($document, $changed);
        $saved = $this->store->save($lesson, $document, $version);
        $this->checkAfterwards($saved, $document);

        return RawJson::with([...$this->view->historyOfSaved($saved), 'timing' => $this->view->timing($read)], 'scenes', $scenes);
    }

    public function undo(VersionRequest $request, Lesson $lesson): JsonResponse
    {
        return $this->move($request, $lesson, -1);
    }

    public function redo(VersionRequest $request, Lesson $lesson): JsonResponse
    {
        return $this->move($request, $lesson, 1);
    }

    /** Versions that were saved too late. */
    public function kept(Lesson $lesson): JsonResponse
    {
        $aside = $lesson->revisions()->where('set_aside', true)->latest('id')->limit(20)->get();

        return new JsonResponse(KeptVersionResource::collection($aside));
    }

    public function takeUp(VersionRequest $request, Lesson $lesson, int $kept): JsonResponse
    {
        $version = $request->validated()['version'];
        $revision = $lesson->revisions()->where('set_aside', true)->findOrFail($kept);

        return $this->show($this->store->takeUp($lesson, $revision, (int) $version));
    }

    /** Whose its pictures are, in lines for a last slide. */
    public function credits(Lesson $lesson): JsonResponse
    {
        return new JsonResponse(['slide' => Credits::SLIDE, 'lines' => Credits::of($lesson->read())]);
    }

    /** What can be worked on a slide while it is shown, in the state that it is in. */
    public function live(LiveRequest $request, Lesson $lesson, string $slide, LiveBlocks $blocks): JsonResponse
    {
        $read = $lesson->read();

        return new JsonResponse($blocks->of($read, $read->slide($slide) ?? abort(404), $request->changes()));
    }

    /** A slide in every look, to choose from. */
    public function looks(Lesson $lesson, string $slide, LookPreviews $previews): JsonResponse
    {
        return new JsonResponse(['looks' => $previews->of($lesson->document(), $slide) ?? abort(404)]);
    }

    public function delete(Lesson $lesson): JsonResponse
    {
        $this->store->delete($lesson);

        return new JsonResponse(null, 204);
    }

    private function move(VersionRequest $request, Lesson $lesson, int $by): JsonResponse
    {
        $version = $request->validated()['version'];
        $moved = $this->store->move($lesson, $by, (int) $version);
        $this->checkAfterwards($moved, $moved->document());

        return $this->show($moved);
    }

    /** Who saves waits for the picture alone: what was painted is kept, and the ready check made, when the answer has been sent. */
    private function checkAfterwards(Lesson $lesson, LessonDocument $document): void
    {
        defer(fn (): string => $this->findings->renew($lesson, $document, $this->painted), "check {$lesson->id}");
    }

    /** @return array<string, mixed> */
    private function answer(Lesson $lesson, LessonDocument $document, Document $read): array
    {
        return [
            'id' => $lesson->id,
            'series' => $lesson->series?->title,
            'place' => $lesson->place,
            'document' => $document,
            ...$this->view->history($lesson),
            'timing' => $this->view->timing($read),
            'strip' => LessonOutline::strip($lesson->outlined(), $lesson->secondsRecorded()),
            'measuredPace' => MeasuredPace::measure($read, $lesson->recorded()),
            'broughtSlides' => $lesson->broughtSlides()->count(),
        ];
    }
}
