<?php

namespace App\Http\Controllers;

use App\Lessons\FigureView;
use Daybright\Block\BlockKind;
use Daybright\Block\Blocks;
use Daybright\Figure\Figure;
use Daybright\Figure\Figures;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\PosesTask;
use Daybright\Figure\Variation;
use Daybright\Figure\Varies;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What can be put on a slide, and more items of the same kind. */
class FigureController
{
    public function kinds(FigureView $view): JsonResponse
    {
        return new JsonResponse([
            'blocks' => array_map(static fn (BlockKind $kind): array => ['name' => $kind->name(), 'label' => $kind->label(), 'blank' => $kind->blank()], array_values(Blocks::all())),
            'figures' => array_map($view->entry(...), Figures::all()),
        ]);
    }

    public function sample(FigureView $view, string $figure): JsonResponse
    {
        return new JsonResponse(['svg' => $view->sample(Figures::called($figure))]);
    }

    public function vary(Request $request): JsonResponse
    {
        $asked = $request->validate(['seed' => 'required|integer', 'level' => 'required|integer']);
        $figure = $this->figure($request);
        $item = $figure instanceof Varies
            ? $figure->vary((int) $asked['seed'], (int) $asked['level'])
            : throw InvalidQuantities::because('This figure has no question that could be asked with other numbers.', 'figure');
        $answer = $item->answer;

        return new JsonResponse([
            'quantities' => $item->quantities,
            'prompt' => $item->prompt,
            'answer' => Variation::written($answer),
            'value' => $answer instanceof Quantity ? str_replace(["\u{202F}", '−'], ['', '-'], $answer->number()) : $answer,
            'unit' => $answer instanceof Quantity ? $answer->unit->symbol() : null,
            'slips' => array_map(static fn (Quantity|string $slip, string $why): array => ['answer' => Variation::written($slip), 'why' => $why], $item->slips, array_keys($item->slips)),
        ]);
    }

    /** The question that the figure itself asks of a student. */
    public function task(Request $request): JsonResponse
    {
        $figure = $this->figure($request);

        return new JsonResponse($figure instanceof PosesTask ? $figure->task() : throw InvalidQuantities::because('This figure asks nothing of the student by itself.', 'figure'));
    }

    private function figure(Request $request): Figure
    {
        $asked = $request->validate(['figure' => 'required|string|max:40', 'quantities' => 'required|array']);

        return Figures::draw($asked['figure'], new Fields($asked['quantities']));
    }
}
