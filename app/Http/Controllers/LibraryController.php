<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\MediaResponse;
use App\Http\Requests\LibraryRequest;
use App\Library\Drawing;
use App\Library\DrawingDesk;
use App\Library\Drawings;
use App\Library\OwnPictures;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\Response;

/** The library: drawings that ship with the program, and the teacher's own pictures of all lessons. */
class LibraryController
{
    /** Drawings and own pictures shown for a search. */
    private const MOST = 48;

    private const MOST_OWN = 16;

    public function __construct(private readonly Drawings $drawings)
    {
    }

    public function find(LibraryRequest $request, OwnPictures $own, #[CurrentUser] User $teacher): JsonResponse
    {
        $typed = $request->validated()['words'];

        return new JsonResponse([
            'own' => $own->find($teacher, $typed, self::MOST_OWN),
            'drawings' => array_map(static fn (Drawing $drawing): array => [
                'id' => $drawing->id,
                'label' => $drawing->label,
                'credit' => $drawing->credit,
                'licence' => $drawing->licence,
            ], $this->drawings->find($typed, self::MOST)),
        ]);
    }

    public function show(string $source, string $name): Response
    {
        $drawing = $this->drawings->called("{$source}/{$name}") ?? abort(404);

        return MediaResponse::drawing($this->drawings->path($drawing));
    }

    /** Becomes a picture of the teacher's, with its description, credit and licence. */
    public function take(DrawingDesk $desk, #[CurrentUser] User $teacher, string $source, string $name): JsonResponse
    {
        return new JsonResponse($desk->take($teacher, "{$source}/{$name}"), 201);
    }
}
