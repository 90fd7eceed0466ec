<?php

namespace App\Http\Controllers;

use Daybright\Block\BlockKind;
use Daybright\Block\Blocks;
use Daybright\Figure\Figures;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What can be put on a slide, and more items of the same kind. */
class FigureController
{
    public function kinds(): JsonResponse
    {
        return new JsonResponse([
            'blocks' => array_map(static fn (BlockKind $kind): array => ['name' => $kind->name(), 'label' => $kind->label(), 'blank' => $kind->blank()], array_values(Blocks::all())),
            'figures' => array_map(static fn (string $figure): array => ['name' => $figure::name(), 'label' => $figure::label(), 'purpose' => $figure::purpose(), 'blank' => $figure::blank()], Figures::all()),
        ]);
    }

    public function vary(Request $request): JsonResponse
    {
        $asked = $request->validate(['figure' => 'required|string|max:40', 'quantities' => 'required|array', 'seed' => 'required|integer', 'level' => 'required|integer']);
        $item = Figures::draw($asked['figure'], new Fields($asked['quantities']))->vary((int) $asked['seed'], (int) $asked['level']);

        return new JsonResponse([
            'quantities' => $item->quantities,
            'prompt' => $item->prompt,
            'value' => str_replace(["\u{202F}", '−'], ['', '-'], $item->answer->number()),
            'unit' => $item->answer->unit->symbol(),
            'slips' => array_map(static fn (Quantity $slip, string $why): array => ['answer' => $slip->written(), 'why' => $why], $item->slips, array_keys($item->slips)),
        ]);
    }
}
