<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChooseFormulaRequest;
use App\Http\Requests\WorkedRequest;
use App\Http\Requests\WorkedVariationRequest;
use App\Lessons\FigureView;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\MathsError;
use Daybright\Worked\Line;
use Daybright\Worked\Method;
use Daybright\Worked\Methods;
use Daybright\Worked\Sheet\Choice;
use Daybright\Worked\Sheet\SheetFormula;
use Illuminate\Http\JsonResponse;

/** Worked examples that the engine writes, and the formulas that can serve for them. */
class WorkedController
{
    public function lines(WorkedRequest $request): JsonResponse
    {
        return new JsonResponse($this->written($request->example()));
    }

    public function vary(WorkedVariationRequest $request): JsonResponse
    {
        $asked = $request->validated();
        $item = $request->example()->vary((int) $asked['seed'], (int) $asked['level']);

        return new JsonResponse(FigureView::item($item) + ['worked' => $this->written(Methods::draw(
            $request->string('method')->value(),
            new Fields($item->quantities),
        ))]);
    }

    /** Which formulas of a sheet can serve, and why the others cannot; with the letters of each. */
    public function choose(ChooseFormulaRequest $request): JsonResponse
    {
        $asked = $request->validated();

        return new JsonResponse(array_map(static function (array $formula) use ($asked): array {
            $names = [];
            try {
                $names = SheetFormula::parse($formula['formula'], [])->names();
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
            'lines' => array_map(
                static fn (Line $line): array => [
                    'formula' => $line->formula,
                    'reason' => $line->reason,
                    'marks' => $line->marks ?: new \stdClass,
                ],
                $example->lines,
            ),
        ];
    }
}
