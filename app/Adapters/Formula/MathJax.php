<?php

declare(strict_types=1);

namespace App\Adapters\Formula;

use Daybright\Scene\FormulaSetter;
use Daybright\Scene\SetFormula;

/** Sets formulas with MathJax, once each. */
final class MathJax implements FormulaSetter
{
    private const EDITION = 'mathjax-3.2.2/2';

    /** @var array<string, SetFormula> by their source */
    private array $known = [];

    public function set(string $tex): SetFormula
    {
        return $this->known[$tex] ??= self::read(WarmSetter::answer($tex, self::EDITION));
    }

    /** @param  array<mixed>  $set markup, width, ascent and descent, or trouble */
    private static function read(array $set): SetFormula
    {
        return new SetFormula($set['markup'], $set['width'], $set['ascent'], $set['descent'], $set['trouble'] ?? null);
    }
}
