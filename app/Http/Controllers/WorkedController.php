<?php

namespace App\Http\Controllers;

use App\Lessons\FigureView;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\MathsError;
use Daybright\Worked\Line;
use Daybright\Worked\Method;
use Daybright\Worked\Methods;
use Daybright\Worked\Sheet\Choice;
use Daybright\Worked\Sheet\SheetFormula;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Worked examples that the engine writes, and the formulas that can serve for them. */
class WorkedController
{
    public function lines(Request $request): JsonResponse
    {
        return new JsonResponse($this->written($this->method($request)));
    }

    public function vary(Request $request): JsonResponse
    {
        $asked = $request->validate(['seed' => 'required|integer', 'level' => 'required|integer']);
        $item = $this->method($request)->vary((int) $asked['seed'], (int) $asked['level']);

        return new JsonResponse(FigureView::item($item) + ['worked' => $this->written(Methods::draw((string) $request->input('method'), new Fields($item->quantities)))]);
    }

    /** Which formulas of a sheet can serve, and why the others cannot; with the letters of each. */
    public function choose(Request $request): JsonResponse
    {
        $asked = $request->validate(['sheet' => 'present|array|max:80', 'sheet.*.formula' => 'required|string|max:120', 'sheet.*.names' => 'present|array|max:10', 'known' => 'present|array|max:12', 'known.*' => 'string|max:20', 'asked' => 'present|nullable|string|max:20']);

        return new JsonResponse(array_map(static function (array $formula) use ($asked): array {
            $names = [];
            try {
                $names = SheetFormula::of($formula['formula'], [])->names();
                $choice = Choice::judge(SheetFormula::from(new Fields($formula)), $asked['known'], (string) $asked['asked']);
            } catch (MathsError $error) {
                return ['formula' => $formula['formula'], 'names' => $names, 'serves' => false, 'why' => $error->getMessage()];
            }

            return ['formula' => $formula['formula'], 'names' => $names, 'serves' => $choice->serves, 'why' => $choice->why];
        }, array_values($asked['sheet'])));
    }

    /** @return array<string, mixed> */
    private function written(Method $method): array
    {
        $example = $method->example();

        return [
            'task' => $example->task,
            'answer' => Variation::written($example->answer),
            'lines' => array_map(static fn (Line $line): array => ['formula' => $line->formula, 'reason' => $line->reason, 'marks' => $line->marks ?: new \stdClass], $example->lines),
        ];
    }

    /** @throws InvalidQuantities */
    private function method(Request $request): Method
    {
        $asked = $request->validate(['method' => 'required|string|max:20', 'quantities' => 'required|array']);

        return Methods::draw($asked['method'], new Fields($asked['quantities']));
    }
}
