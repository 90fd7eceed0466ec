<?php

declare(strict_types=1);

namespace App\Watching\Kept;

use App\Models\Visit;
use App\Watching\WatchedLesson;
use Daybright\Language\PlainWords;
use Daybright\Question\Question;
use Daybright\Release\Questions;
use Daybright\Watching\Opening;
use Daybright\Watching\Progress;
use stdClass;

/** A lesson to be kept on a student's device: all of it, in stages that stay sealed until each has been earned. */
final class KeptLesson
{
    public function __construct(private readonly WatchedLesson $lessons)
    {
    }

    /**
     * @param  string  $sound webm or m4a, as the browser can play it
     * @return array<string, mixed>
     */
    public function describe(Visit $visit, string $sound): array
    {
        $release = $visit->share->version();
        $seal = Seal::of($visit, $release);
        $files = new KeptFiles($visit, $release);
        $stages = $listed = [];
        // With no server to ask, one question follows the other.
        $opening = new Opening($visit->share->opening()->closed, false, $visit->share->opening()->answersLater);
        foreach (Progress::through($release->outline(), $opening) as $number => $progress) {
            $lesson = $this->lessons->show($visit, $progress, $opening);
            foreach (array_diff($files->named($lesson, $sound), array_keys($listed)) as $address) {
                $listed[$address] = $number;
            }
            $known = ['lesson' => $lesson, 'models' => $this->models($visit, $progress, $opening) ?: new stdClass];
            $stages[] = [
                'answered' => $progress->answered,
                'handedIn' => $progress->handedIn,
                'sealed' => base64_encode($seal->close((string) gzencode(json_encode($known, JSON_THROW_ON_ERROR)))),
            ];
        }

        return [
            'edition' => $visit->share->edition(),
            'key' => base64_encode($seal->key),
            'isOpen' => $visit->share->keeping === Keeping::Open,
            'piece' => Seal::size(Seal::PIECE),
            'stages' => $stages,
            'files' => $this->files($files, $listed, $seal),
        ];
    }

    /**
     * @param  array<string, int>  $listed number of the stage in which a file is needed first, by its address
     * @return list<array<string, mixed>>
     */
    private function files(KeptFiles $files, array $listed, Seal $seal): array
    {
        $told = [];
        foreach ($listed as $address => $stage) {
            $file = $files->at($address);
            if ($file !== null) {
                $told[] = [
                    'stage' => $stage,
                    'reference' => $file->reference($seal),
                    'bytes' => Seal::size((int) filesize($file->path)),
                ];
            }
        }

        return $told;
    }

    /** @return array<string, string> model answers that may be seen by then, by block */
    private function models(Visit $visit, Progress $progress, Opening $opening): array
    {
        $lesson = $visit->share->version()->read();
        $later = $progress->handedIn && ! $opening->answersLater ? [] : Questions::inExitCheck($lesson);
        $seen = array_diff_key(array_intersect_key(Questions::in($lesson), array_flip($progress->answered)), array_flip($later));

        return array_map(static fn (Question $question): string => PlainWords::read($question->answer()), $seen);
    }
}
