<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Adapters\Files;
use App\Clips\ClipStore;
use App\Http\Requests\CaptionsRequest;
use App\Http\Requests\ClipPieceRequest;
use App\Http\Requests\ClipRequest;
use App\Http\Requests\FinishClipRequest;
use App\Http\Requests\StillRequest;
use App\Http\Resources\IncomingClipResource;
use App\Media\Clip\ClipFile;
use App\Media\MediaStore;
use App\Models\IncomingClip;
use App\Models\MediaFile;
use App\Models\User;
use Daybright\Format\WebVtt;
use Daybright\Recording\Cue;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Clips on their way into a lesson: received piece by piece, finished, made ready. */
class ClipController
{
    public function __construct(private readonly ClipStore $store)
    {
    }

    /** What may be sent, before anything is. */
    public function bounds(): JsonResponse
    {
        return new JsonResponse([
            'bytes' => ClipStore::largest(),
            'piece' => ClipStore::PIECE,
            'seconds' => config('daybright.longest_clip'),
        ]);
    }

    public function begin(ClipRequest $request, #[CurrentUser] User $teacher): JsonResponse
    {
        $given = $request->validated();
        $clip = $this->store->begin($teacher, $given['id'], $given['name'], $given['bytes']);

        return IncomingClipResource::make($clip)->response()->setStatusCode(200);
    }

    public function show(IncomingClip $incomingClip): IncomingClipResource
    {
        return IncomingClipResource::make($incomingClip);
    }

    public function piece(ClipPieceRequest $request, IncomingClip $incomingClip, int $number): JsonResponse
    {
        $bytes = (string) file_get_contents($request->file('piece')->getRealPath());
        $this->store->piece($incomingClip, $number, $bytes, $request->validated()['sha256']);

        return new JsonResponse(['number' => $number]);
    }

    public function finish(FinishClipRequest $request, IncomingClip $incomingClip): JsonResponse
    {
        $missing = $this->store->finish($incomingClip, $request->filled('pieces') ? $request->integer('pieces') : null);

        return new JsonResponse(
            ['missing' => $missing, 'clip' => IncomingClipResource::make($incomingClip->fresh())],
            $missing === [] ? 200 : 202,
        );
    }

    public function delete(IncomingClip $incomingClip): Response
    {
        $this->store->forget($incomingClip);

        return response()->noContent();
    }

    /** A picture out of a clip, which stands for it on the slide. */
    public function still(StillRequest $request, MediaStore $media, #[CurrentUser] User $teacher): JsonResponse
    {
        $given = $request->validated();
        $clip = MediaFile::query()->where('user_id', $teacher->id)->where('sha256', $given['sha256'])->firstOrFail();

        return new JsonResponse(Files::tidily(static fn (): array => $media->bringIn(
            $teacher,
            ClipFile::open(Files::found($clip->place()))->still((float) $given['at']),
            $given['name'] ?? '',
        )), 201);
    }

    /** What is said in a clip, as a file of captions has it. */
    public function captions(CaptionsRequest $request): JsonResponse
    {
        return new JsonResponse(['captions' => array_map(
            static fn (Cue $cue): array => ['from' => $cue->from / 1000, 'to' => $cue->to / 1000, 'text' => $cue->text],
            WebVtt::read($request->validated()['text']),
        )]);
    }
}
