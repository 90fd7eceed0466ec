<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** Sets TeX as paths. The program outside gives the real one; tests give a plain one. */
interface FormulaSetter
{
    /** @throws FormulasAway */
    public function set(string $tex): SetFormula;
}
