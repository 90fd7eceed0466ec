<?php

declare(strict_types=1);

namespace Daybright\Worked\Sheet;

use Daybright\Maths\MathsError;
use Daybright\Maths\Rearrangement;

/** Whether a formula serves, given what is known and asked; if not, why. */
final readonly class Choice
{
    private function __construct(public SheetFormula $formula, public bool $serves, public string $why)
    {
    }

    /** @param  list<string>  $known names */
    public static function judge(SheetFormula $formula, array $known, string $asked): self
    {
        $names = $formula->names();
        if (! in_array($asked, $names, true)) {
            return new self($formula, false, "It does not have {$asked}, which is asked.");
        }
        $missing = array_values(array_diff($names, $known, [$asked]));
        if ($missing !== []) {
            $called = static fn (string $name): string => "{$name} ({$formula->quantities[$name][0]})";
            $unknown = implode(' and ', array_map($called, $missing));

            return new self($formula, false, "{$unknown} ".(count($missing) === 1 ? 'is' : 'are').' not known.');
        }
        try {
            Rearrangement::solve($formula->left, $formula->right, $asked);
        } catch (MathsError $error) {
            return new self($formula, false, $error->getMessage());
        }
        $spare = array_values(array_diff($known, $names));

        $unused = $spare === [] ? '' : ' '.implode(', ', $spare).' '.(count($spare) === 1 ? 'is' : 'are').' not needed.';

        return new self($formula, true, 'It has what is asked and what is known.'.$unused);
    }
}
