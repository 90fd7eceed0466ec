<?php

namespace App\Http\Controllers;

use App\Models\Classroom;
use App\Models\Student;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Classes: a name, first names, and the code to join by. */
class ClassroomController
{
    /** Letters and figures that cannot be taken for one another. */
    private const ALPHABET = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';

    public function index(Request $request): JsonResponse
    {
        return new JsonResponse($request->user()->classrooms()->with('students')->orderBy('name')->get()->map(self::shown(...)));
    }

    public function create(Request $request): JsonResponse
    {
        $given = $request->validate(['name' => 'required|string|max:60']);

        return new JsonResponse(self::shown($request->user()->classrooms()->create(['name' => $given['name'], 'code' => self::freshCode()])), 201);
    }

    public function update(Request $request, Classroom $classroom): JsonResponse
    {
        $given = $request->validate(['name' => 'required|string|max:60', 'students' => 'present|array|max:60', 'students.*' => 'string|min:1|max:40']);
        $names = array_values(array_unique(array_map(trim(...), $given['students'])));
        $classroom->update(['name' => $given['name']]);
        $classroom->students()->whereNotIn('name', $names)->delete();
        $there = $classroom->students()->pluck('name')->all();
        foreach (array_diff($names, $there, ['']) as $name) {
            $classroom->students()->create(['name' => $name]);
        }

        return new JsonResponse(self::shown($classroom->fresh()));
    }

    public function newCode(Classroom $classroom): JsonResponse
    {
        $classroom->update(['code' => self::freshCode()]);

        return new JsonResponse(self::shown($classroom));
    }

    /** A child who forgot the personal word chooses a new one at the next visit. */
    public function forgetWord(Classroom $classroom, Student $student): JsonResponse
    {
        abort_unless($student->classroom_id === $classroom->id, 404);
        $student->update(['word' => null]);

        return new JsonResponse(self::shown($classroom));
    }

    public static function freshCode(): string
    {
        do {
            $code = implode('', array_map(static fn (): string => self::ALPHABET[random_int(0, strlen(self::ALPHABET) - 1)], range(1, 8)));
        } while (Classroom::query()->where('code', $code)->exists());

        return $code;
    }

    /** @return array<string, mixed> */
    private static function shown(Classroom $classroom): array
    {
        return [
            'id' => $classroom->id,
            'name' => $classroom->name,
            'code' => $classroom->code,
            'students' => $classroom->students()->get()->map(static fn (Student $student): array => ['id' => $student->id, 'name' => $student->name, 'hasWord' => $student->word !== null]),
        ];
    }
}
