<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

/** What was found out about an equality. */
enum Verdict: string
{
    case True = 'true';
    case False = 'false';
    case UnitMissing = 'unit missing';
    case UnitOfTheWrongKind = 'unit of the wrong kind';

    public function isAboutTheUnit(): bool
    {
        return $this === self::UnitMissing || $this === self::UnitOfTheWrongKind;
    }
}
