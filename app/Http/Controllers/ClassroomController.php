<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\FileName;
use App\Http\Requests\ClassroomRequest;
use App\Http\Requests\StudentNameRequest;
use App\Http\Requests\StudentsRequest;
use App\Http\Resources\ClassroomResource;
use App\Models\Classroom;
use App\Models\Student;
use App\Models\User;
use App\Watching\StudentArchive;
use DomainException;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Classes: a name, first names, and the code to join by. */
class ClassroomController
{
    /** Nothing that is mistaken for something else, and no vowels: a code must not happen to be a word. */
    private const ALPHABET = 'BCDFGHJKMNPQRSTVWXZ23456789';

    private const MOST_STUDENTS = 60;

    public function index(#[CurrentUser] User $teacher): JsonResponse
    {
        return new JsonResponse(ClassroomResource::collection($teacher->classrooms()->with('students')->orderBy('name')->get()));
    }

    public function create(ClassroomRequest $request, #[CurrentUser] User $teacher): JsonResponse
    {
        $given = $request->validated();

        return ClassroomResource::make($teacher->classrooms()->create(['name' => $given['name'], 'code' => self::freshCode()]))->response()
            ->setStatusCode(201);
    }

    public function update(ClassroomRequest $request, Classroom $classroom): JsonResponse
    {
        $classroom->update($request->validated());

        return ClassroomResource::make($classroom)->response();
    }

    /** Their replies go with it. */
    public function delete(Classroom $classroom): JsonResponse
    {
        $classroom->delete();

        return new JsonResponse(null, 204);
    }

    public function addStudents(StudentsRequest $request, Classroom $classroom): JsonResponse
    {
        $given = $request->validated();
        $names = array_values(array_filter(array_map(static fn (?string $name): string => trim((string) $name), $given['names'])));
        $there = $classroom->names();
        if (count($there) + count($names) > self::MOST_STUDENTS) {
            throw new DomainException('A class has at most '.self::MOST_STUDENTS.' students. Make a second class for the others.');
        }
        foreach ($names as $number => $name) {
            self::refuseTwins($name, [...$there, ...array_slice($names, 0, $number)]);
        }
        DB::transaction(static fn () => array_map(static fn (string $name) => $classroom->students()->create(['name' => $name]), $names));

        return ClassroomResource::make($classroom)->response()->setStatusCode(201);
    }

    public function renameStudent(StudentNameRequest $request, Classroom $classroom, Student $student): JsonResponse
    {
        $name = trim($request->validated()['name']);
        self::refuseTwins($name, $classroom->names($student));
        $student->update(['name' => $name]);

        return ClassroomResource::make($classroom)->response();
    }

    /** Their replies go with them. */
    public function removeStudent(Classroom $classroom, Student $student): JsonResponse
    {
        $student->delete();

        return ClassroomResource::make($classroom)->response();
    }

    /** All that is kept of a child, as one file. */
    public function takeOut(Classroom $classroom, Student $student, StudentArchive $archive): BinaryFileResponse
    {
        return response()->download($archive->write($student), FileName::forDownload($student->name, '.zip'))->deleteFileAfterSend();
    }

    public function newCode(Classroom $classroom): JsonResponse
    {
        $classroom->update(['code' => self::freshCode()]);
        $classroom->students->each->endSessions();

        return ClassroomResource::make($classroom)->response();
    }

    /** A child who forgot the personal word chooses a new one at the next visit. */
    public function forgetWord(Classroom $classroom, Student $student): JsonResponse
    {
        $student->update(['word' => null]);
        $student->endSessions();

        return ClassroomResource::make($classroom)->response();
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
            throw new DomainException(
                "“{$name}” is a name in this class already. Add a letter, as in “{$name} B”, so that each finds the right name.",
            );
        }
    }
}
