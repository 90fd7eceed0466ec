<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FigureRequest;
use App\Http\Requests\FigureVariationRequest;
use App\Lessons\BlockKindView;
use App\Lessons\FigureView;
use Daybright\Block\Blocks;
use Daybright\Deck\Looks;
use Daybright\Figure\Figure;
use Daybright\Figure\Figures;
use Daybright\Figure\HasTask;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Varies;
use Daybright\Worked\Methods;
use Daybright\Worked\Sheet\StartingSheets;
use Illuminate\Http\JsonResponse;

/** What can be put on a slide, and more items of the same kind. */
class FigureController
{
    public function kinds(FigureView $view, BlockKindView $blocks): JsonResponse
    {
        return new JsonResponse([
            'looks' => array_map(
                static fn (string $name): array => ['name' => $name, 'dark' => Looks::called($name)->colours()->dark],
                Looks::names(),
            ),
            'blocks' => array_map($blocks->entry(...), Blocks::CATALOGUE),
            'figures' => array_map($view->entry(...), Figures::all()),
            'methods' => array_map($view->method(...), Methods::all()),
            'sheets' => array_map(
                static fn (array $formulas): array => array_map(FigureView::formula(...), $formulas),
                StartingSheets::all(),
            ),
        ]);
    }

    public function sample(FigureView $view, string $figure): JsonResponse
    {
        return new JsonResponse(['svg' => $view->sample(Figures::called($figure))]);
    }

    public function vary(FigureVariationRequest $request): JsonResponse
    {
        $asked = $request->validated();
        $figure = $request->figure();
        $item = $figure instanceof Varies
            ? $figure->vary((int) $asked['seed'], (int) $asked['level'])
            : throw InvalidQuantities::because('This figure has no question that could be asked with other numbers.', 'figure');

        return new JsonResponse(FigureView::item($item));
    }

    /** The question that the figure itself asks of a student. */
    public function task(FigureRequest $request): JsonResponse
    {
        $figure = $request->figure();

        return new JsonResponse(
            $figure instanceof HasTask
                ? $figure->task()
                : throw InvalidQuantities::because('This figure asks nothing of the student by itself.', 'figure'),
        );
    }
}
