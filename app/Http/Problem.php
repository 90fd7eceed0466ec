<?php

declare(strict_types=1);

namespace App\Http;

use App\Adapters\DiskTrouble;
use App\Adapters\ProgramFailed;
use App\Lessons\StaleSave;
use Daybright\Failure;
use Daybright\Figure\InvalidQuantities;
use Daybright\Lesson\InvalidLesson;
use Daybright\Scene\FormulasAway;
use DomainException;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use League\Flysystem\UnableToWriteFile;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Errors as RFC 9457 problem details: a sentence a teacher understands, and a pointer to the field. */
final class Problem
{
    /** As SQLite says it. */
    private const DISK_FULL = ['database or disk is full', 'disk I/O error', 'unable to open database file', 'attempt to write a readonly'];

    private const NOTHING_HERE = 'There is nothing here, or it is not yours to see.';

    private const PAGE_TOO_OLD = 'This page has been open for too long. Load it again; nothing that was saved is lost.';

    public static function from(Throwable $error, Request $request): ?JsonResponse
    {
        if (! $request->is('api/*') && ! $request->expectsJson()) {
            return null;
        }

        return match (true) {
            $error instanceof ValidationException => self::describe(
                ProblemType::Invalid,
                (string) collect($error->errors())->flatten()->first(),
                '/'.str_replace('.', '/', (string) array_key_first($error->errors())),
            ),
            $error instanceof InvalidLesson => self::describe(
                ProblemType::Invalid,
                $error->getMessage(),
                $error->pointer,
                self::code($error),
            ),
            $error instanceof InvalidQuantities => self::describe(
                ProblemType::Invalid,
                $error->getMessage(),
                '/'.$error->field,
                self::code($error),
            ),
            $error instanceof Refused => self::describe($error->type, $error->getMessage(), $error->pointer),
            $error instanceof StaleSave => self::describe(
                ProblemType::Stale,
                $error->getMessage(),
                null,
                ['version' => $error->lesson->version, 'document' => $error->lesson->document()],
            ),
            $error instanceof DomainException => self::describe(ProblemType::Invalid, $error->getMessage(), null, self::code($error)),
            $error instanceof AuthenticationException => self::describe(ProblemType::NotSignedIn, 'Sign in first.'),
            $error instanceof TokenMismatchException => self::describe(ProblemType::PageTooOld, self::PAGE_TOO_OLD),
            $error instanceof AuthorizationException, $error instanceof ModelNotFoundException => self::describe(
                ProblemType::NotFound,
                self::NOTHING_HERE,
            ),
            self::isDiskFull($error) => self::describe(
                ProblemType::DiskFull,
                'The disk of the server is full, so nothing new can be kept. What was saved before is safe. Tell whoever looks after the server.',
            ),
            $error instanceof ProgramFailed => self::describe(
                ProblemType::Away,
                "The server cannot do this just now, because its program “{$error->program}” does not answer. Nothing is lost. Try again in a minute; if it stays so, tell whoever looks after the server.",
            ),
            $error instanceof FormulasAway => self::describe(ProblemType::Away, $error->getMessage()),
            $error instanceof HttpExceptionInterface => self::http($error),
            default => config('app.debug')
                ? null
                : self::describe(ProblemType::Fault, 'Something went wrong on our side. Nothing that was saved is lost. Try again.'),
        };
    }

    /** @param  array<string, mixed>  $more members that the kind of problem adds */
    public static function describe(
        ProblemType $type,
        string $detail,
        ?string $pointer = null,
        array $more = [],
        ?int $status = null,
    ): JsonResponse {
        $status ??= $type->status();
        $problem = array_filter(
            ['type' => $type->uri(), 'status' => $status, 'detail' => $detail, 'pointer' => $pointer],
            static fn (mixed $value): bool => $value !== null,
        );

        return new JsonResponse($problem + $more, $status, ['Content-Type' => 'application/problem+json'], JSON_UNESCAPED_UNICODE);
    }

    /** @return array<string, string> what kind of failure of the job itself it is */
    private static function code(Throwable $error): array
    {
        return $error instanceof Failure ? ['code' => $error::failureCode()] : [];
    }

    private static function isDiskFull(Throwable $error): bool
    {
        return $error instanceof DiskTrouble || $error instanceof UnableToWriteFile
            || (
                $error instanceof PDOException
                && Str::contains($error->getMessage(), self::DISK_FULL, ignoreCase: true)
            );
    }

    private static function http(HttpExceptionInterface $error): JsonResponse
    {
        [$type, $sentence] = match ($error->getStatusCode()) {
            401 => [ProblemType::NotSignedIn, 'Sign in first.'],
            403, 404 => [ProblemType::NotFound, self::NOTHING_HERE],
            413 => [ProblemType::TooLarge, 'This file is too large. Choose a smaller one.'],
            419 => [ProblemType::PageTooOld, self::PAGE_TOO_OLD],
            429 => [ProblemType::TooManyTries, 'Too many tries. Wait a minute, then try again.'],
            503 => [ProblemType::Away, 'The server is being looked after. Try again in a few minutes.'],
            default => [ProblemType::NotPossible, 'This cannot be done here. Load the page again.'],
        };
        $status = $type === ProblemType::NotPossible ? $error->getStatusCode() : null;

        return self::describe($type, $sentence, status: $status)->withHeaders($error->getHeaders());
    }
}
