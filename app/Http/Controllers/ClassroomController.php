<?php

namespace App\Http\Controllers;

use App\Http\FileName;
use App\Models\Classroom;
use App\Models\Student;
use App\Watching\StudentArchive;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Classes: a name, first names, and the code to join by. */
class ClassroomController
{
    /** Nothing that is mistaken for something else, and no vowels: a code must not happen to be a word. */
    private const ALPHABET = 'BCDFGHJKMNPQRSTVWXZ23456789';

    private const MOST_STUDENTS = 60;

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
        $classroom->update($request->validate(['name' => 'required|string|max:60']));

        return new JsonResponse(self::shown($classroom));
    }

    /** Their replies go with it. */
    public function delete(Classroom $classroom): JsonResponse
    {
        $classroom->delete();

        return new JsonResponse(null, 204);
    }

    public function addStudents(Request $request, Classroom $classroom): JsonResponse
    {
        $given = $request->validate(['names' => 'required|array|max:60', 'names.*' => 'nullable|string|max:40'], ['names.*.max' => 'A first name has at most 40 letters.']);
        $names = array_values(array_filter(array_map(static fn (?string $name): string => trim((string) $name), $given['names'])));
        $there = $classroom->students()->pluck('name')->all();
        if (count($there) + count($names) > self::MOST_STUDENTS) {
            throw new DomainException('A class has at most '.self::MOST_STUDENTS.' students. Make a second class for the others.');
        }
        foreach ($names as $number => $name) {
            self::refuseTwins($name, [...$there, ...array_slice($names, 0, $number)]);
        }
        DB::transaction(static fn () => array_map(static fn (string $name) => $classroom->students()->create(['name' => $name]), $names));

        return new JsonResponse(self::shown($classroom), 201);
    }

    public function renameStudent(Request $request, Classroom $classroom, Student $student): JsonResponse
    {
        $name = trim($request->validate(['name' => 'required|string|max:40'])['name']);
        self::refuseTwins($name, $classroom->students()->whereKeyNot($student->id)->pluck('name')->all());
        $student->update(['name' => $name]);

        return new JsonResponse(self::shown($classroom));
    }

    /** Their replies go with them. */
    public function removeStudent(Classroom $classroom, Student $student): JsonResponse
    {
        $student->delete();

        return new JsonResponse(self::shown($classroom));
    }

    /** All that is kept of a child, as one file. */
    public function takeOut(Classroom $classroom, Student $student, StudentArchive $archive): BinaryFileResponse
    {
        return response()->download($archive->write($student), FileName::of($student->name, '.zip'))->deleteFileAfterSend();
    }

    public function newCode(Classroom $classroom): JsonResponse
    {
        $classroom->update(['code' => self::freshCode()]);
        $classroom->students->each->endSessions();

        return new JsonResponse(self::shown($classroom));
    }

    /** A child who forgot the personal word chooses a new one at the next visit. */
    public function forgetWord(Classroom $classroom, Student $student): JsonResponse
    {
        $student->update(['word' => null]);
        $student->endSessions();

        return new JsonResponse(self::shown($classroom));
    }

    public static function freshCode(): string
    {
        do {
            $code = implode('', array_map(static fn (): string => self::ALPHABET[random_int(0, strlen(self::ALPHABET) - 1)], range(1, 8)));
        } while (Classroom::query()->where('code', $code)->exists());

        return $code;
    }

    /** @param  list<string>  $others */
    private static function refuseTwins(string $name, array $others): void
    {
        if (in_array(mb_strtolower($name), array_map(mb_strtolower(...), $others), true)) {
            throw new DomainException("“{$name}” is a name in this class already. Add a letter, as in “{$name} B”, so that each finds the right name.");
        }
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
