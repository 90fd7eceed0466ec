<?php

namespace App\Console;

use App\Adapters\Program;
use App\Lessons\FigureView;
use Daybright\Figure\Figures;
use Illuminate\Console\Command;

/** Draws every figure of the catalogue as it begins, for docs/figures.md. */
class DrawCatalogue extends Command
{
    protected $signature = 'figure:catalogue {folder=docs/figures}';

    protected $description = 'Draw every figure of the catalogue into a folder';

    private const WIDTH = 560;

    public function handle(FigureView $view): int
    {
        $folder = base_path((string) $this->argument('folder'));
        if (! is_dir($folder)) {
            mkdir($folder, 0755, true);
        }
        foreach (Figures::all() as $figure) {
            $name = $figure::entry()->name;
            file_put_contents("{$folder}/{$name}.svg", $view->sample($figure));
            Program::run('rsvg', ['-w', (string) self::WIDTH, "{$folder}/{$name}.svg", '-o', "{$folder}/{$name}.png"]);
            unlink("{$folder}/{$name}.svg");
            $this->line($name);
        }

        return self::SUCCESS;
    }
}
