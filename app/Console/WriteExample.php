<?php

declare(strict_types=1);

namespace App\Console;

use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Worked\Methods;
use Illuminate\Console\Command;

/** A worked example from the shell: its task, its lines and its answer. */
class WriteExample extends Command
{
    protected $signature = 'worked:write';

    protected $description = 'Read {"method": "formula", "quantities": {…}} from standard input and write the lines of the example as JSON';

    public function handle(): int
    {
        $given = json_decode((string) stream_get_contents(STDIN), true);
        try {
            $given = is_array($given) ? $given : throw InvalidQuantities::because('What was read is not a JSON object.', '');
            $example = Methods::draw((string) ($given['method'] ?? ''), new Fields((array) ($given['quantities'] ?? [])))->example();
        } catch (InvalidQuantities $error) {
            $this->output->writeln((string) json_encode(
                ['error' => $error->getMessage(), 'field' => $error->field],
                JSON_UNESCAPED_UNICODE,
            ));

            return self::FAILURE;
        }
        $this->output->writeln((string) json_encode([
            'task' => $example->task,
            'lines' => array_map(get_object_vars(...), $example->lines),
            'answer' => Variation::written($example->answer),
        ], JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES));

        return self::SUCCESS;
    }
}
