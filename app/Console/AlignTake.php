<?php

declare(strict_types=1);

namespace App\Console;

use App\Adapters\ProgramFailed;
use App\Alignment\SoundAlignment;
use Illuminate\Console\Command;

/** The words of a script in a file of sound, from the shell. */
class AlignTake extends Command
{
    protected $signature = 'take:align
        {--sound= : a file of sound that ffmpeg reads}
        {--script= : a file with the script, one sentence a line}
        {--language=en : of the script, as ISO 639-1 names it}';

    protected $description = 'Write where each word of a script is in a sound, and where the sound departs from the script, as JSON in milliseconds';

    public function handle(): int
    {
        [$sound, $script] = [(string) $this->option('sound'), (string) $this->option('script')];
        foreach (['sound' => $sound, 'script' => $script] as $name => $file) {
            if (! is_file($file)) {
                $this->components->error("There is no file “{$file}”. Give one: --{$name}=FILE");

                return self::FAILURE;
            }
        }
        try {
            $found = SoundAlignment::find($sound, (string) file_get_contents($script), (string) $this->option('language'));
        } catch (ProgramFailed $failure) {
            report($failure);
            $this->components->error('No sound could be read from this file. Give one that ffmpeg reads.');

            return self::FAILURE;
        }
        $told = static fn (array $each, array $names): array => array_intersect_key($each, array_flip($names));
        $this->output->writeln((string) json_encode([
            'words' => array_map(static fn (array $word): array => $told($word, ['text', 'from', 'to']), $found['words']),
            'departures' => array_map(static fn (array $each): array => $told($each, ['kind', 'from', 'to', 'text']), $found['departures']),
        ], JSON_UNESCAPED_UNICODE));

        return self::SUCCESS;
    }
}
