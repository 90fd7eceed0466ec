<?php

namespace App\Http\Controllers;

use App\Adapters\Files;
use App\Models\Lesson;
use App\Models\Take;
use App\Recording\HeardSound;
use App\Recording\TakeStore;
use Daybright\Format\IncomingJson;
use Daybright\Lesson\Lesson as Document;
use Daybright\Recording\SpokenWord;
use Daybright\Recording\WordAlignment;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Takes: received piece by piece, finished, chosen, cut, heard. */
class TakeController
{
    public function __construct(private readonly TakeStore $store)
    {
    }

    public function index(Lesson $lesson): JsonResponse
    {
        $read = $lesson->read();

        return new JsonResponse($lesson->takes()->orderBy('created_at')->get()->map(static fn (Take $take): array => [...self::shown($take), 'words' => self::words($take, $read)]));
    }

    public function begin(Request $request, Lesson $lesson, string $id): JsonResponse
    {
        $given = $request->validate(['slide' => 'required|string|max:40', 'source' => 'required|in:microphone,practice']);

        return new JsonResponse(self::shown($this->store->begin($lesson, $id, $given['slide'], $given['source'])));
    }

    public function piece(Request $request, Take $take, int $number): JsonResponse
    {
        $bytes = $request->file('sound') === null ? '' : (string) file_get_contents($request->file('sound')->getRealPath());
        if ($request->file('sound') === null || strlen($bytes) > config('daybright.largest_piece') || $number > 20000) {
            throw new DomainException('This piece of the recording cannot be kept: it is missing or too large.');
        }
        $given = $request->validate(['events' => 'nullable|string|max:4000000', 'sha256' => 'required|string|max:64']);
        $this->store->piece($take, $number, $bytes, $given['sha256'], IncomingJson::decode($given['events'] ?? '[]'));

        return new JsonResponse(['number' => $number]);
    }

    public function finish(Request $request, Take $take): JsonResponse
    {
        $given = $request->validate(['pieces' => 'nullable|integer|min:0|max:20000']);
        $missing = $this->store->finish($take, $given['pieces'] ?? null);

        return new JsonResponse(['missing' => $missing, 'take' => self::shown($take->fresh())], $missing === [] ? 200 : 202);
    }

    public function prepareAgain(Take $take): JsonResponse
    {
        $this->store->prepareAgain($take);

        return new JsonResponse(self::shown($take->fresh()));
    }

    public function choose(Take $take): JsonResponse
    {
        $this->store->choose($take);

        return new JsonResponse(self::shown($take->fresh()));
    }

    public function cuts(Request $request, Take $take): JsonResponse
    {
        $given = $request->validate(['cuts' => 'present|array|max:500', 'cuts.*.from' => 'required|integer|min:0', 'cuts.*.to' => 'required|integer|min:1']);

        return new JsonResponse(self::shown($this->store->cut($take, array_map(static fn (array $cut): array => ['from' => (int) $cut['from'], 'to' => (int) $cut['to']], $given['cuts']))));
    }

    public function delete(Take $take): JsonResponse
    {
        $this->store->throwAway($take);

        return new JsonResponse(null, 204);
    }

    public function sound(Take $take): BinaryFileResponse
    {
        return self::file(HeardSound::whole($take));
    }

    public function heard(Take $take): BinaryFileResponse
    {
        return self::file(HeardSound::path($take));
    }

    /** @return list<array<string, mixed>> */
    private static function words(Take $take, Document $document): array
    {
        $slide = $document->slide($take->slide);
        if ($take->state !== 'ready' || $slide === null) {
            return [];
        }

        return array_map(static fn (SpokenWord $word): array => get_object_vars($word), WordAlignment::of($slide, $take->recorded(), $take->waveform ?? []));
    }

    private static function file(string $path): BinaryFileResponse
    {
        return response()->file(Files::found($path), ['Content-Type' => 'audio/webm']);
    }

    /** @return array<string, mixed> */
    public static function shown(Take $take): array
    {
        return [
            'id' => $take->id,
            'slide' => $take->slide,
            'source' => $take->source,
            'state' => $take->state,
            'chosen' => $take->chosen,
            'length' => $take->length,
            'cuts' => $take->cuts ?? [],
            'events' => $take->events ?? [],
            'waveform' => $take->waveform ?? [],
            'loudness' => $take->loudness,
            'pieces' => $take->state === 'recording' ? $take->pieces()->count() : 0,
            'trouble' => $take->trouble,
            'at' => $take->created_at->toIso8601String(),
            'edition' => $take->state === 'ready' ? HeardSound::edition($take) : '',
        ];
    }
}
