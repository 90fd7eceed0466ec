<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Figure\Figure;
use Daybright\Figure\Form\Field;
use Daybright\Figure\HasTask;
use Daybright\Figure\Purpose;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Figure\Varies;
use Daybright\Lesson\Fields;
use Daybright\Lesson\PartKind;
use Daybright\Question\VariedQuestion;
use Daybright\Scene\Box;
use Daybright\Scene\FormulaSetter;
use Daybright\Scene\Group;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Scene;
use Daybright\Scene\SvgWriter;
use Daybright\Scene\Typeface;
use Daybright\Scene\Typesetter;
use Daybright\Worked\Method;
use Daybright\Worked\Sheet\SheetFormula;

/** What the catalogue shows of a figure: its entry, its form, and a small drawing. */
final class FigureView
{
    /** @param  array<string, Typeface>  $typefaces */
    public function __construct(private readonly array $typefaces, private readonly FormulaSetter $formulas)
    {
    }

    /**
     * @param  class-string<Figure>  $figure
     * @return array<string, mixed>
     */
    public function entry(string $figure): array
    {
        $entry = $figure::entry();

        return [
            'name' => $entry->name,
            'label' => $entry->label,
            'purpose' => $entry->purpose,
            'purposes' => array_map(static fn (Purpose $purpose): string => $purpose->value, $entry->purposes),
            'subjects' => array_map(static fn (Subject $subject): string => $subject->value, $entry->subjects),
            'also' => $entry->also,
            'blank' => $figure::blank(),
            'fields' => array_map(self::field(...), $figure::fields()),
            'varies' => is_a($figure, Varies::class, true),
            'hasTask' => is_a($figure, HasTask::class, true),
        ];
    }

    /**
     * @param  class-string<Method>  $method
     * @return array<string, mixed>
     */
    public function method(string $method): array
    {
        return [
            'name' => $method::name(),
            'label' => $method::label(),
            'blank' => $method::blank(),
            'fields' => array_map(self::field(...), $method::fields()),
        ];
    }

    /** @return array<string, mixed> */
    public static function formula(SheetFormula $formula): array
    {
        return ['formula' => $formula->written, 'names' => $formula->named()];
    }

    /** @return array<string, mixed> a practice item, as a question to be typed and as one to choose from answers */
    public static function item(Variation $item): array
    {
        return [
            'quantities' => $item->quantities,
            'prompt' => $item->prompt,
            'answer' => Variation::written($item->answer),
            'typed' => VariedQuestion::typed($item),
            'toChoose' => VariedQuestion::toChoose($item),
        ];
    }

    /** @param  class-string<Figure>  $figure */
    public function sample(string $figure): string
    {
        $drawn = $figure::from(new Fields($figure::blank()));
        $smallest = $drawn->smallest();
        $box = new Box(0, 0, max(640, $smallest->width), max(400, $smallest->height));

        return $this->svg($drawn, $box, PartKind::Explain);
    }

    public function svg(Figure $figure, Box $box, PartKind $part): string
    {
        $context = new RenderContext(new Typesetter($this->typefaces['lexend'], $this->formulas), $part->tint(), $part->strong());
        $shapes = array_merge(...array_values($figure->scene($box, $context)));

        return (new SvgWriter(static fn (): string => ''))->write(new Scene([new Group('', 'figure', '', 0, $shapes)], [], [], []), $box);
    }

    /** @return array<string, mixed> */
    private static function field(Field $field): array
    {
        return [
            'control' => $field->control->value,
            'name' => $field->name,
            'label' => $field->label,
            'hint' => $field->hint,
            'choices' => array_map(
                static fn (string $value, string $label): array => ['value' => $value, 'label' => $label],
                array_keys($field->choices),
                $field->choices,
            ),
            'when' => $field->when ?: new \stdClass,
        ];
    }
}
