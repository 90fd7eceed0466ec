<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Adapters\Files;
use App\Footage\FootageStore;
use App\Http\Requests\FinishTakeRequest;
use App\Http\Requests\FootagePieceRequest;
use App\Http\Requests\FootageRequest;
use App\Http\Requests\LeaveOutRequest;
use App\Models\Footage;
use App\Models\Take;
use App\Recording\TakeFilm;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What is filmed while a take is recorded: received piece by piece, finished, left out, played. */
class FootageController
{
    public function __construct(private readonly FootageStore $store)
    {
    }

    public function begin(FootageRequest $request, Take $take, string $id): JsonResponse
    {
        $footage = $this->store->begin($take, $id, $request->validated()['source']);

        return new JsonResponse(['id' => $footage->id, 'state' => $footage->state]);
    }

    public function piece(FootagePieceRequest $request, Take $take, Footage $footage, int $number): JsonResponse
    {
        $given = $request->validated();
        $this->store->piece($footage, $number, (string) file_get_contents($request->file('film')->getRealPath()), $given['sha256']);

        return new JsonResponse(['number' => $number]);
    }

    public function finish(FinishTakeRequest $request, Take $take, Footage $footage): JsonResponse
    {
        $missing = $this->store->finish($footage, $request->filled('pieces') ? $request->integer('pieces') : null);

        return new JsonResponse(['missing' => $missing], $missing === [] ? 200 : 202);
    }

    /** It can be brought back: nothing of it is thrown away. */
    public function leaveOut(LeaveOutRequest $request, Take $take, Footage $footage): JsonResponse
    {
        $footage->update(['left_out' => $request->boolean('leftOut')]);

        return new JsonResponse(['id' => $footage->id, 'leftOut' => $footage->left_out]);
    }

    public function film(Take $take, Footage $footage): BinaryFileResponse
    {
        return response()->file(Files::found(TakeFilm::path($take, $footage)), ['Content-Type' => 'video/mp4']);
    }
}
