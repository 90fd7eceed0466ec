<?php

declare(strict_types=1);

namespace App\Console;

use App\Adapters\Program;
use App\Lessons\FigureView;
use Daybright\Figure\Fact;
use Daybright\Figure\Figure;
use Daybright\Figure\Figures;
use Daybright\Figure\Form\Field;
use Daybright\Figure\HasTask;
use Daybright\Figure\Subject;
use Daybright\Figure\Varies;
use Daybright\Lesson\Fields;
use Illuminate\Console\Command;

/** Draws every figure of the catalogue as it begins, and writes the page about them. */
class DrawCatalogue extends Command
{
    protected $signature = 'figure:catalogue {folder=docs : where figures.md and its pictures go}';

    protected $description = 'Draw every figure of the catalogue, and write the page about them';

    private const WIDTH = 560;

    /** Facts that are named for each figure. */
    private const FACTS = 10;

    public function handle(FigureView $view): int
    {
        $folder = base_path((string) $this->argument('folder'));
        if (! is_dir($folder.'/figures')) {
            mkdir($folder.'/figures', 0755, true);
        }
        $sections = '';
        foreach (Figures::all() as $figure) {
            $this->draw($view, $figure, "{$folder}/figures");
            $sections .= self::section($figure);
            $this->line($figure::entry()->name);
        }
        // What is the same for all of them is written by hand.
        $page = (string) file_get_contents(resource_path('figures.md'));
        file_put_contents($folder.'/figures.md', str_replace("<!-- catalogue -->\n", ltrim($sections), $page));

        return self::SUCCESS;
    }

    /** @param  class-string<Figure>  $figure */
    private function draw(FigureView $view, string $figure, string $folder): void
    {
        $name = $figure::entry()->name;
        file_put_contents("{$folder}/{$name}.svg", $view->sample($figure));
        Program::run('rsvg', ['-w', (string) self::WIDTH, "{$folder}/{$name}.svg", '-o', "{$folder}/{$name}.png"]);
        unlink("{$folder}/{$name}.svg");
    }

    /** @param  class-string<Figure>  $figure */
    private static function section(string $figure): string
    {
        $entry = $figure::entry();
        $fields = array_map(
            static fn (Field $field): string => lcfirst($field->label).($field->hint === '' ? '' : ' ('.str_replace(
                "\n",
                ', ',
                $field->hint,
            ).')'),
            $figure::fields(),
        );
        $facts = array_map(static fn (Fact $fact): string => "`{{$fact->name}}`", $figure::from(new Fields($figure::blank()))->facts());
        $asks = array_filter([
            is_a($figure, HasTask::class, true) ? 'its own task' : '',
            is_a($figure, Varies::class, true) ? 'items with other numbers at three levels' : '',
        ]);

        return implode("\n", [
            '',
            "## {$entry->label}",
            '',
            "![{$entry->label}](figures/{$entry->name}.png)",
            '',
            "{$entry->purpose}.",
            '',
            '- You give: '.implode('; ', array_unique($fields)),
            '- At home in: '.implode(', ', array_map(static fn (Subject $subject): string => $subject->value, $entry->subjects)),
            '- Facts, as it begins: '.implode(', ', array_slice($facts, 0, self::FACTS)).(count($facts) > self::FACTS ? ' …' : ''),
            ...($asks === [] ? [] : ['- Asks: '.implode('; ', $asks)]),
            '',
        ]);
    }
}
