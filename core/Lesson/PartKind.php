<?php

declare(strict_types=1);

namespace Daybright\Lesson;

/** The teaching purposes a part can have, in the order of the day. */
enum PartKind: string
{
    case Opening = 'opening';
    case Aims = 'aims';
    case Explain = 'explain';
    case Example = 'example';
    case YourTurn = 'your-turn';
    case Recap = 'recap';
    case ExitCheck = 'exit-check';
    case Afterwards = 'afterwards';

    public function label(): string
    {
        return match ($this) {
            self::Opening => 'Opening',
            self::Aims => 'Aims',
            self::Explain => 'Explain',
            self::Example => 'Example',
            self::YourTurn => 'Your turn',
            self::Recap => 'Recap',
            self::ExitCheck => 'Exit check',
            self::Afterwards => 'Afterwards',
        };
    }

    public function tint(): string
    {
        return match ($this) {
            self::Opening => '#FBE4DE',
            self::Aims => '#FCEFD2',
            self::Explain => '#DDF0F5',
            self::Example => '#FFF6C9',
            self::YourTurn => '#E0F1DA',
            self::Recap => '#F3E1F0',
            self::ExitCheck => '#E3E3F7',
            self::Afterwards => '#DCE3EA',
        };
    }

    public function strong(): string
    {
        return match ($this) {
            self::Opening => '#9C3F2A',
            self::Aims => '#805300',
            self::Explain => '#1B6074',
            self::Example => '#6E5800',
            self::YourTurn => '#2C6528',
            self::Recap => '#75386D',
            self::ExitCheck => '#3F4092',
            self::Afterwards => '#2A455C',
        };
    }
}
