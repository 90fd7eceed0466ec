<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Student;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

/** Slows guessing down and nobody else: only what failed is counted. */
final readonly class Throttle
{
    /** @param  int  $seconds after which a failure is forgotten */
    private function __construct(private string $key, private int $most, private int $seconds)
    {
    }

    /** A class of thirty behind one school address mistypes some codes; a guesser needs millions. */
    public static function wrongCodes(Request $request): self
    {
        return new self('wrong code '.$request->ip(), 60, 60);
    }

    /** For one child from wherever it comes: words are short. */
    public static function wrongWords(Student $student): self
    {
        return new self('wrong word '.$student->id, 8, 120);
    }

    /** From one address for one name: a stranger elsewhere cannot keep a teacher out. */
    public static function wrongPasswords(Request $request, string $name): self
    {
        return new self('wrong password '.$request->ip().' '.hash('sha256', mb_strtolower($name)), 10, 60);
    }

    /** @throws TooManyRequestsHttpException */
    public function refuseTooMany(): void
    {
        if (RateLimiter::tooManyAttempts($this->key, $this->most)) {
            throw new TooManyRequestsHttpException(RateLimiter::availableIn($this->key));
        }
    }

    public function count(): void
    {
        RateLimiter::hit($this->key, $this->seconds);
    }

    public function forget(): void
    {
        RateLimiter::clear($this->key);
    }
}
