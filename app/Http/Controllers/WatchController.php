<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Adapters\Files;
use App\Http\AnswerFileResponse;
use App\Http\FileName;
use App\Http\MediaResponse;
use App\Http\Refused;
use App\Http\Requests\AimsRequest;
use App\Http\Requests\AnswerFileRequest;
use App\Http\Requests\AnswerRequest;
use App\Http\Requests\DrillRequest;
use App\Http\Requests\EnterRequest;
use App\Http\Requests\HandInRequest;
use App\Http\Requests\JoinRequest;
use App\Http\Requests\LiveRequest;
use App\Http\Requests\MomentRequest;
use App\Http\Requests\PlaceRequest;
use App\Http\Resources\StudentResource;
use App\Http\Throttle;
use App\Lessons\LiveBlocks;
use App\Lessons\ReleaseView;
use App\Models\Classroom;
use App\Models\MediaFile;
use App\Models\Release;
use App\Models\ReleaseState;
use App\Models\Share;
use App\Models\Visit;
use App\Watching\Drill;
use App\Watching\StudentSession;
use App\Watching\StudentShelf;
use App\Watching\StudentVisit;
use App\Watching\TaskSound;
use App\Watching\VisitMoments;
use App\Watching\WatchedLesson;
use Daybright\Deck\Format;
use Daybright\Release\FrozenPause;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use stdClass;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;

/** The student's side: join, watch, answer, hand in. */
class WatchController
{
    public function __construct(private readonly StudentVisit $visits, private readonly WatchedLesson $lessons)
    {
    }

    /** A right code shows the first names of the class, and nothing else. */
    public function join(JoinRequest $request): JsonResponse
    {
        $given = $request->validated();
        $tries = Throttle::wrongCodes($request);
        $tries->refuseTooMany();
        $classroom = Classroom::query()->where('code', strtoupper(str_replace([' ', '-'], '', $given['code'])))->first();
        if ($classroom === null) {
            $tries->count();

            throw Refused::at('/code', 'No class has this code. Look at it again: it has eight letters and figures.');
        }

        return new JsonResponse([
            'name' => $classroom->name,
            'code' => $classroom->code,
            'students' => StudentResource::collection($classroom->students()->get()),
        ]);
    }

    public function enter(EnterRequest $request): JsonResponse
    {
        $given = $request->validated();
        $codes = Throttle::wrongCodes($request);
        $codes->refuseTooMany();
        $classroom = Classroom::query()->where('code', strtoupper($given['code']))->first();
        $student = $classroom?->students()->whereKey($given['student'])->first();
        if ($student === null) {
            $codes->count();

            throw Refused::at('/student', 'Choose your name from the list.');
        }
        $words = Throttle::wrongWords($student);
        $words->refuseTooMany();
        $word = mb_strtolower(trim($given['word']));
        if ($student->word === null) {
            $student->chooseWord($word);
        } elseif (! $student->isWord($word)) {
            $words->count();

            throw Refused::at('/word', 'That is not the word you chose. Try again, or ask your teacher to clear it.');
        }
        $words->forget();
        StudentSession::begin($request, $student);

        return $this->me($request);
    }

    public function me(Request $request): JsonResponse
    {
        $student = StudentSession::student($request);
        if ($student === null) {
            throw Refused::notSignedIn('Give your class code and choose your name first.');
        }

        return new JsonResponse(StudentShelf::show($student));
    }

    public function leave(Request $request): JsonResponse
    {
        StudentSession::end($request->session());

        return new JsonResponse(null, 204);
    }

    public function show(Request $request, Share $share): JsonResponse
    {
        $visit = $this->visits->look($share, $request->attributes->get('student'));

        return new JsonResponse($this->lessons->show($visit, $visit->progress(), $share->opening()));
    }

    /** A figure that a student takes over, as far as they know its slide. */
    public function live(LiveRequest $request, Share $share, string $slide, LiveBlocks $blocks): JsonResponse
    {
        $release = $share->version();
        $visit = $this->visits->look($share, $request->attributes->get('student'));
        $known = $visit->sealed($release)->lesson->slides[$slide] ?? abort(404);
        $lesson = $release->read();
        $format = $request->query('page') === Format::Tall->value ? Format::Tall : Format::Wide;

        return new JsonResponse($blocks->taken(
            $lesson,
            $lesson->slide($slide) ?? abort(404),
            $request->changes(),
            "/api/watch/{$share->id}/media",
            $format,
            $known,
        ));
    }

    public function media(Share $share, string $sha256): Response
    {
        abort_unless(in_array($sha256, array_column($share->version()->document->array()['media'], 'sha256'), true), 404);

        return MediaResponse::send(MediaFile::query()->where('sha256', $sha256)->firstOrFail());
    }

    public function handout(Share $share): BinaryFileResponse
    {
        $release = $share->version();
        abort_unless($release->hasHandout(), 404);

        return response()->download(
            Files::found($release->path('handout.pdf')),
            FileName::forDownload($release->document->title(), '.pdf'),
            ['Content-Type' => 'application/pdf'],
        );
    }

    /** The sound of the version that the page was loaded with: a new one may have been shared since. */
    public function sound(Request $request, Share $share, string $kind): BinaryFileResponse
    {
        $visit = $this->visits->look($share, $request->attributes->get('student'));

        $release = self::loaded($request, $share);

        return ReleaseView::sound($release, $kind, $request->integer('stage'), $visit->sealedRanges($release));
    }

    /** A task read by the practice voice, once it may be known. */
    public function readAloud(Request $request, Share $share, string $block): BinaryFileResponse
    {
        $pause = self::reached($share, $this->visits->look($share, $request->attributes->get('student')), $block);
        abort_if($pause->prompt === '', 404);

        return response()->file(TaskSound::of($share->version(), $pause), ['Content-Type' => 'audio/mp4']);
    }

    /** A pause point that a student has come to: of those behind it nothing is told and nothing can be begun. */
    private static function reached(Share $share, Visit $visit, string $block): FrozenPause
    {
        $pauses = array_column($share->version()->outline()->pauses, null, 'block');
        abort_if(in_array($block, $visit->sealedRanges($share->version())->behind, true), 404);

        return $pauses[$block] ?? abort(404);
    }

    public function film(Request $request, Share $share, string $footage): BinaryFileResponse
    {
        return ReleaseView::film(self::loaded($request, $share), $footage);
    }

    private static function loaded(Request $request, Share $share): Release
    {
        $wanted = $request->query('r');
        if ($wanted === $share->release_id) {
            return $share->version();
        }
        $loaded = is_string($wanted) ? $share->lesson->releases()->where('state', ReleaseState::Ready)->whereKey($wanted)->first() : null;

        return $loaded ?? $share->version();
    }

    public function place(PlaceRequest $request, Share $share): JsonResponse
    {
        $given = $request->validated();
        $this->visits->place($this->visits->open($share, $request->attributes->get('student')), (float) $given['position']);

        return new JsonResponse(null, 204);
    }

    public function answer(AnswerRequest $request, Share $share, string $block): JsonResponse
    {
        $given = $request->validated();
        $visit = $this->visits->open($share, $request->attributes->get('student'));

        return new JsonResponse($this->visits->answer(
            $visit,
            $block,
            (string) $given['given'],
            (bool) ($given['hinted'] ?? false),
            isset($given['seconds']) ? (int) $given['seconds'] : null,
        ));
    }

    public function answerWithFile(AnswerFileRequest $request, Share $share, string $block): JsonResponse
    {
        $visit = $this->visits->open($share, $request->attributes->get('student'));
        $seconds = $request->validated()['seconds'] ?? null;

        return new JsonResponse($this->visits->answerWithFile(
            $visit,
            $block,
            $request->path(),
            $request->boolean('hinted'),
            $seconds === null ? null : (int) $seconds,
        ));
    }

    /** What a student said or drew, for themselves. */
    public function answerFile(Request $request, Share $share, string $block): BinaryFileResponse
    {
        $visit = $this->visits->look($share, $request->attributes->get('student'));

        return AnswerFileResponse::send($visit->answers->firstWhere('block', $block));
    }

    /** From now on the time runs after which the answer may be seen. */
    public function ask(Request $request, Share $share, string $block): JsonResponse
    {
        $visit = $this->visits->open($share, $request->attributes->get('student'));
        $this->visits->ask($visit, self::reached($share, $visit, $block)->block);

        return new JsonResponse(null, 204);
    }

    /** The next item to practise, and what is said to the answer before. */
    public function drill(DrillRequest $request, Share $share, string $block): JsonResponse
    {
        $visit = $this->visits->open($share, $request->attributes->get('student'));
        $given = $request->validated()['given'] ?? null;

        return new JsonResponse(Drill::practise($visit, self::reached($share, $visit, $block)->block, $request->integer('level'), $given));
    }

    public function giveUp(Request $request, Share $share, string $block): JsonResponse
    {
        $visit = $this->visits->open($share, $request->attributes->get('student'));

        return new JsonResponse($this->visits->giveUp($visit, self::reached($share, $visit, $block)->block));
    }

    public function handIn(HandInRequest $request, Share $share): JsonResponse
    {
        $given = $request->validated();
        $visit = $this->visits->open($share, $request->attributes->get('student'));
        $this->visits->handIn($visit, array_map(strval(...), $given['answers'] ?? []));

        return new JsonResponse($this->visits->shown($visit->refresh()));
    }

    /** Kept once, however often it is sent. */
    public function moment(MomentRequest $request, Share $share, string $moment): JsonResponse
    {
        $visit = $this->visits->open($share, $request->attributes->get('student'));

        return new JsonResponse(VisitMoments::keep($visit, $moment, $request->kind(), (float) $request->input('at'), $request->words()));
    }

    public function forgetMoment(Request $request, Share $share, string $moment): JsonResponse
    {
        VisitMoments::forget($this->visits->open($share, $request->attributes->get('student')), $moment);

        return new JsonResponse(null, 204);
    }

    /** What a student says of each aim. */
    public function aims(AimsRequest $request, Share $share): JsonResponse
    {
        $visit = $this->visits->open($share, $request->attributes->get('student'));
        $known = array_column($share->version()->document->array()['aims'], 'id');
        $visit->update(['aims' => array_intersect_key($request->validated()['aims'], array_flip($known)) + ($visit->aims ?? [])]);

        return new JsonResponse(['aims' => $visit->aims ?: new stdClass]);
    }
}
