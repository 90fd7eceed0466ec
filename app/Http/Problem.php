<?php

namespace App\Http;

use App\Adapters\DiskTrouble;
use App\Adapters\ProgramFailed;
use Daybright\Figure\InvalidQuantities;
use Daybright\Lesson\InvalidLesson;
use Daybright\Question\InvalidAnswer;
use Daybright\Recording\InvalidRecording;
use Daybright\Scene\FormulasAway;
use DomainException;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use League\Flysystem\UnableToWriteFile;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Throwable;

/** Errors as RFC 9457 problem details: a sentence a teacher understands, and a pointer to the field. */
final class Problem
{
    public static function from(Throwable $error, Request $request): ?JsonResponse
    {
        if (! $request->is('api/*') && ! $request->expectsJson()) {
            return null;
        }

        return match (true) {
            $error instanceof ValidationException => self::of(422, (string) collect($error->errors())->flatten()->first(), '/'.str_replace('.', '/', (string) array_key_first($error->errors()))),
            $error instanceof InvalidLesson => self::of(422, $error->getMessage(), $error->pointer),
            $error instanceof InvalidQuantities => self::of(422, $error->getMessage(), '/'.$error->field),
            $error instanceof InvalidAnswer, $error instanceof InvalidRecording, $error instanceof DomainException => self::of(422, $error->getMessage()),
            $error instanceof AuthenticationException => self::of(401, 'Sign in first.'),
            $error instanceof TokenMismatchException => self::of(419, 'This page has been open for too long. Load it again; nothing that was saved is lost.'),
            $error instanceof AuthorizationException, $error instanceof ModelNotFoundException, $error instanceof NotFoundHttpException => self::of(404, 'There is nothing here, or it is not yours to see.'),
            self::isDiskFull($error) => self::of(507, 'The disk of the server is full, so nothing new can be kept. What was saved before is safe. Tell whoever looks after the server.'),
            $error instanceof ProgramFailed => self::of(503, "The server cannot do this just now, because its program “{$error->program}” does not answer. Nothing is lost. Try again in a minute; if it stays so, tell whoever looks after the server."),
            $error instanceof FormulasAway => self::of(503, $error->getMessage()),
            $error instanceof HttpExceptionInterface => self::http($error),
            default => config('app.debug') ? null : self::of(500, 'Something went wrong on our side. Nothing that was saved is lost. Try again.'),
        };
    }

    public static function of(int $status, string $detail, ?string $pointer = null, array $more = []): JsonResponse
    {
        $problem = array_filter(['type' => 'about:blank', 'status' => $status, 'detail' => $detail, 'pointer' => $pointer], static fn (mixed $value): bool => $value !== null);

        return new JsonResponse($problem + $more, $status, ['Content-Type' => 'application/problem+json'], JSON_UNESCAPED_UNICODE);
    }

    private static function isDiskFull(Throwable $error): bool
    {
        return $error instanceof DiskTrouble || $error instanceof UnableToWriteFile
            || ($error instanceof PDOException && preg_match('/database or disk is full|disk I\/O error|unable to open database file|attempt to write a readonly/i', $error->getMessage()) === 1);
    }

    private static function http(HttpExceptionInterface $error): JsonResponse
    {
        $status = $error->getStatusCode();
        $sentence = match ($status) {
            401 => 'Sign in first.',
            403, 404 => 'There is nothing here, or it is not yours to see.',
            413 => 'This file is too large. Choose a smaller one.',
            419 => 'This page has been open for too long. Load it again; nothing that was saved is lost.',
            429 => 'Too many tries. Wait a minute, then try again.',
            503 => 'The server is being looked after. Try again in a few minutes.',
            default => 'This cannot be done here. Load the page again.',
        };

        return self::of($status === 403 ? 404 : $status, $sentence)->withHeaders($error->getHeaders());
    }
}
