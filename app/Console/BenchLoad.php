<?php

declare(strict_types=1);

namespace App\Console;

use App\Adapters\Program;
use App\Bench\Crowd;
use App\Bench\Report;
use App\Bench\Times;
use App\Bench\Visitor;
use Generator;
use Illuminate\Console\Command;

/** 200 students come at once, watch, answer and hand in, while a teacher records and a video is made. */
class BenchLoad extends Command
{
    protected $signature = 'bench:load {school : what bench:school wrote} {--url=} {--many : each student from an address of their own}';

    protected $description = 'Measure how long a server takes to answer 200 students at once';

    private const ANSWERS = [
        'noon-question-block-1' => 'noon',
        'measure-question-block-2' => '41 cm',
        'exit-day-block-1' => '8 h',
        'exit-why-block-1' => 'The Sun was higher at lunch, so the shadow got shorter.',
    ];

    /** Seconds within which they all come: to type an address and a code of eight letters takes one child ten seconds and another forty. */
    private const ARRIVAL = 30.0;

    /** Milliseconds. */
    private const ENTERING = 2000.0;

    private const AFTERWARDS = 300.0;

    public function handle(): int
    {
        $school = json_decode((string) file_get_contents($this->argument('school')), true, 16, JSON_THROW_ON_ERROR);
        mt_srand(7);
        $crowd = new Crowd((string) $this->option('url'));
        // A server that has just begun reads its program first, in the morning and not when the class comes.
        $first = array_pop($school['students']);
        $crowd->run([function () use ($school, $crowd, $first): Generator {
            yield from $this->student($school, $crowd, new Times, $first, null);
        }]);
        $times = new Times;
        $kept = 0;
        $people = [function () use ($school, $crowd, $times): Generator {
            yield from $this->teacher($school, $crowd, $times);
        }];
        foreach ($school['students'] as $number => $student) {
            $from = $this->option('many') ? '127.0.'.(1 + intdiv($number, 200)).'.'.(2 + $number % 200) : null;
            $people[] = function () use ($school, $crowd, $times, $student, $from, &$kept): Generator {
                $answered = yield from $this->student($school, $crowd, $times, $student, $from);
                $kept += $answered;

                return $answered;
            };
        }
        $crowd->run($people);
        $report = new Report($this->output);
        foreach ($times->asked() as $asked) {
            $isStudent = ! str_starts_with($asked, 'teacher');
            $bound = in_array($asked, ['join', 'enter'], true) ? self::ENTERING : self::AFTERWARDS;
            $report->line(
                sprintf('  %s (%d)', $asked, $times->count($asked)),
                sprintf(
                    'p50 %.0f, p95 %.0f, p99 %.0f ms',
                    $times->within($asked, 0.5),
                    $times->within($asked, 0.95),
                    $times->within($asked, 0.99),
                ),
                $isStudent ? sprintf('p95 at most %.0f ms', $bound) : '',
                ! $isStudent || $times->within($asked, 0.95) <= $bound,
            );
        }
        $report->line('  errors and refusals', (string) count($times->troubles), 'none', $times->troubles === []);
        foreach (array_slice(array_unique($times->troubles), 0, 5) as $trouble) {
            $this->output->writeln('    '.$trouble);
        }
        $all = count($school['students']) * count(self::ANSWERS);
        $report->line('  answers kept', "{$kept} of {$all}", 'all', $kept === $all);

        return $report->isKept() ? self::SUCCESS : self::FAILURE;
    }

    /**
     * @param  array<string, mixed>  $school
     * @return Generator<int, mixed, mixed, int> how many answers were kept as they were given
     */
    private function student(array $school, Crowd $crowd, Times $times, string $student, ?string $from): Generator
    {
        $visitor = new Visitor($crowd, $times, $from);
        $watch = "/api/watch/{$school['share']}";
        yield $crowd->pause(self::ARRIVAL * mt_rand() / mt_getrandmax());
        yield from $visitor->ask('join', 'POST', '/api/watch/join', ['json' => ['code' => $school['code']]]);
        // Finds a name among two hundred, and types a word.
        yield $crowd->pause(self::thought());
        yield from $visitor->ask(
            'enter',
            'POST',
            '/api/watch/enter',
            ['json' => ['code' => $school['code'], 'student' => $student, 'word' => 'sun'.substr($student, 0, 4)]],
        );
        yield $crowd->pause(self::thought());
        yield from $visitor->ask('lesson', 'GET', $watch);
        yield from $visitor->ask('sound', 'GET', "{$watch}/sound.webm", ['headers' => ['Range' => 'bytes=0-65535']]);
        foreach (self::ANSWERS as $block => $given) {
            yield $crowd->pause(self::watched());
            yield from $visitor->ask('place', 'PUT', "{$watch}/place", ['json' => ['position' => 1000 * mt_rand(1, 5)]]);
            yield $crowd->pause(self::thought());
            yield from $visitor->ask('answer', 'PUT', "{$watch}/answers/{$block}", ['json' => ['given' => $given]]);
        }
        yield $crowd->pause(self::thought());
        yield from $visitor->ask('hand in', 'POST', "{$watch}/exit-check", ['json' => ['answers' => self::ANSWERS]]);
        $shown = json_decode((string) (yield from $visitor->ask('lesson', 'GET', $watch))?->getBody(), true);
        $kept = array_map(static fn (array $answer): string => $answer['given'], $shown['visit']['answers'] ?? []);

        return count(array_filter(
            self::ANSWERS,
            static fn (string $given, string $block): bool => ($kept[$block] ?? null) === $given,
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    /**
     * Records piece by piece, a second apart, and has a video made meanwhile.
     *
     * @param  array<string, mixed>  $school
     * @return Generator<int, mixed, mixed, void>
     */
    private function teacher(array $school, Crowd $crowd, Times $times): Generator
    {
        $visitor = new Visitor($crowd, $times);
        $sound = Program::run(
            'ffmpeg',
            ['-v', 'error', '-f', 'lavfi', '-i', 'sine=frequency=300:duration=20', '-c:a', 'libopus', '-f', 'webm', '-'],
        );
        yield from $visitor->ask('teacher: sign in', 'GET', '/api/session');
        yield from $visitor->ask(
            'teacher: sign in',
            'POST',
            '/api/sign-in',
            ['json' => ['email' => $school['email'], 'password' => $school['password']]],
        );
        yield from $visitor->ask('teacher: video', 'POST', "/api/releases/{$school['release']}/exports");
        $take = substr('bench'.bin2hex(random_bytes(12)), 0, 22);
        yield from $visitor->ask(
            'teacher: take',
            'PUT',
            "/api/lessons/{$school['lesson']}/takes/{$take}",
            ['json' => ['slide' => $school['slide'], 'source' => 'microphone']],
        );
        $pieces = str_split($sound, max(1, (int) ceil(strlen($sound) / 12)));
        foreach ($pieces as $number => $piece) {
            yield $crowd->pause(1.0);
            yield from $visitor->ask(
                'teacher: piece',
                'POST',
                "/api/takes/{$take}/pieces/{$number}",
                ['multipart' => [
                    ['name' => '_method', 'contents' => 'PUT'],
                    ['name' => 'sound', 'contents' => $piece, 'filename' => 'p'],
                    ['name' => 'sha256', 'contents' => hash('sha256', $piece)],
                    ['name' => 'events', 'contents' => '[]'],
                ]],
            );
        }
        yield from $visitor->ask('teacher: finish', 'POST', "/api/takes/{$take}/finish", ['json' => ['pieces' => count($pieces)]]);
    }

    /** Seconds between two tellings of the place (web/watch/usePlaceKept.ts), and less than there are between two questions of the demo. */
    private static function watched(): float
    {
        return 10.0 + 10.0 * mt_rand() / mt_getrandmax();
    }

    /** Seconds: far less than a child takes. */
    private static function thought(): float
    {
        return 2.0 + 4.0 * mt_rand() / mt_getrandmax();
    }
}
