<?php

declare(strict_types=1);

namespace App\Console;

use Daybright\Deck\SlidePainter;
use Daybright\Figure\Fact;
use Daybright\Figure\Figures;
use Daybright\Figure\InvalidQuantities;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Scene\SvgWriter;
use Illuminate\Console\Command;

/** A figure from the shell: its facts, its steps, its words and its drawing. */
class DrawFigure extends Command
{
    protected $signature = 'figure:draw';

    protected $description = 'Read {"figure": "bar-model", "quantities": {…}} from standard input and write its facts, steps, words and SVG as JSON';

    public function handle(SlidePainter $painter): int
    {
        $given = json_decode((string) stream_get_contents(STDIN), true);
        try {
            $given = is_array($given) ? $given : throw InvalidQuantities::because('What was read is not a JSON object.', '');
            $figure = Figures::draw((string) ($given['figure'] ?? ''), new Fields((array) ($given['quantities'] ?? [])));
        } catch (InvalidQuantities $error) {
            $this->output->writeln((string) json_encode(
                ['error' => $error->getMessage(), 'field' => $error->field],
                JSON_UNESCAPED_UNICODE,
            ));

            return self::FAILURE;
        }
        $slide = [
            'id' => 'slide',
            'title' => '',
            'side' => false,
            'arrangement' => 'whole',
            'aims' => [],
            'steps' => [['id' => 'step', 'script' => '', 'pause' => 0]],
            'blocks' => [[
                'id' => 'figure',
                'kind' => 'figure',
                'region' => 'main',
                'step' => 'step',
                'reveals' => [],
                'content' => ['figure' => $given['figure'], 'quantities' => $given['quantities']],
            ]],
        ];
        $part = ['id' => 'part', 'kind' => $given['part'] ?? 'explain', 'slides' => [$slide]];
        $lesson = Lesson::from(['title' => 'figure', 'minutes' => 1, 'aims' => [], 'media' => [], 'parts' => [$part]]);
        $this->output->writeln((string) json_encode([
            'facts' => array_map(
                static fn (Fact $fact): array => ['name' => $fact->name, 'written' => $fact->written, 'meaning' => $fact->meaning],
                $figure->facts(),
            ),
            'steps' => array_map(static fn ($step): array => get_object_vars($step), $figure->steps()),
            'words' => $figure->words(),
            'svg' => (new SvgWriter(static fn (string $medium): string => ''))->write($painter->paint($lesson, $lesson->slides()[0])),
        ], JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES));

        return self::SUCCESS;
    }
}
