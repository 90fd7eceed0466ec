<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Adapters\Files;
use App\Http\Requests\FinishTakeRequest;
use App\Http\Requests\TakePieceRequest;
use App\Http\Requests\TakeRequest;
use App\Http\Resources\TakeResource;
use App\Models\Lesson;
use App\Models\Take;
use App\Models\TakeState;
use App\Recording\SoughtWords;
use App\Recording\TakeAudio;
use App\Recording\TakeStore;
use Daybright\Format\IncomingJson;
use Daybright\Lesson\Lesson as Document;
use Daybright\Recording\Editing\WaveMark;
use Daybright\Recording\Editing\WaveMarks;
use Daybright\Recording\SpokenWord;
use Daybright\Recording\WordAlignment;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Takes: received piece by piece, finished, chosen, played. */
class TakeController
{
    public function __construct(private readonly TakeStore $store)
    {
    }

    public function index(Lesson $lesson): JsonResponse
    {
        $read = $lesson->read();
        SoughtWords::seek($lesson, $read);

        return new JsonResponse($lesson->takes()->with('footage')->orderBy('created_at')->get()->map(
            static fn (Take $take): array => [
                ...TakeResource::make($take)->resolve(),
                'words' => self::words($take, $read),
                'marks' => self::marks($take, $read),
            ],
        ));
    }

    public function begin(TakeRequest $request, Lesson $lesson, string $id): JsonResponse
    {
        $given = $request->validated();

        $take = $this->store->begin($lesson, $id, $given['slide'], $given['source'], $given['continues'] ?? null);

        return TakeResource::make($take)->response()->setStatusCode(200);
    }

    public function piece(TakePieceRequest $request, Take $take, int $number): JsonResponse
    {
        $given = $request->validated();
        $bytes = (string) file_get_contents($request->file('sound')->getRealPath());
        $this->store->piece($take, $number, $bytes, $given['sha256'], IncomingJson::decode($given['events'] ?? '[]'));

        return new JsonResponse(['number' => $number]);
    }

    public function finish(FinishTakeRequest $request, Take $take): JsonResponse
    {
        $missing = $this->store->finish($take, $request->filled('pieces') ? $request->integer('pieces') : null);

        return new JsonResponse(['missing' => $missing, 'take' => TakeResource::make($take->fresh())], $missing === [] ? 200 : 202);
    }

    public function prepareAgain(Take $take): TakeResource
    {
        $this->store->prepareAgain($take);

        return TakeResource::make($take->fresh());
    }

    public function choose(Take $take): TakeResource
    {
        $this->store->choose($take);

        return TakeResource::make($take->fresh());
    }

    public function delete(Take $take): JsonResponse
    {
        $this->store->throwAway($take);

        return new JsonResponse(null, 204);
    }

    public function sound(Request $request, Take $take): BinaryFileResponse
    {
        return self::file(TakeAudio::whole($take, $request->boolean('cleaned')));
    }

    public function narration(Take $take): BinaryFileResponse
    {
        return self::file(TakeAudio::path($take));
    }

    /** @return list<array<string, mixed>> */
    private static function words(Take $take, Document $document): array
    {
        $slide = $document->slide($take->slide);
        if ($take->state !== TakeState::Ready || $slide === null) {
            return [];
        }

        return array_map(
            static fn (SpokenWord $word): array => get_object_vars($word),
            WordAlignment::align($slide, $take->recorded(), $take->waveform ?? []),
        );
    }

    /** @return list<array<string, mixed>> */
    private static function marks(Take $take, Document $document): array
    {
        $slide = $document->slide($take->slide);

        return $slide === null || $take->state !== TakeState::Ready ? [] : array_map(
            static fn (WaveMark $mark): array => get_object_vars($mark),
            WaveMarks::read($slide, $take->events ?? [], $take->moves()),
        );
    }

    private static function file(string $path): BinaryFileResponse
    {
        return response()->file(Files::found($path), ['Content-Type' => 'audio/webm']);
    }
}
