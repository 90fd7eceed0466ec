<?php

declare(strict_types=1);

namespace App\Bench;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\Sound\AudioEncoder;
use App\Adapters\Sound\SoundCleaner;
use App\Alignment\SoundAlignment;
use Daybright\Recording\Clock;

/** What is worked out of the sound of a take. */
final class Sounds
{
    public function __construct(private readonly Report $report)
    {
    }

    public function measure(): void
    {
        $this->alignment();
        $this->cleaning();
    }

    /** A voice that is not the reference's reads a script; in a process of its own, as after every take. */
    private function alignment(): void
    {
        $script = implode("\n", array_map(
            static fn (int $minute): string => "In hour {$minute} the shadow of the stick moves on.\nIt is long in the morning and short at noon.\n"
                .'Put a stone where the tip of it lies, and write the time beside the stone.',
            range(1, 8),
        ));
        $sound = self::spoken($script);
        $minutes = AudioEncoder::length($sound) / Clock::RATE / 60;
        $before = Cpu::seconds();
        SoundAlignment::find($sound, $script, 'en');
        $this->report->atMost('CPU seconds for finding the words of a minute of sound', (Cpu::seconds() - $before) / $minutes, 3, '%.1f s');
    }

    private function cleaning(): void
    {
        $sound = self::spoken(str_repeat('It is long in the morning and short at noon. ', 20));
        $before = Cpu::seconds();
        SoundCleaner::clean($sound);
        $times = AudioEncoder::length($sound) / Clock::RATE / (Cpu::seconds() - $before);
        $this->report->line('Hum, hiss and clicks made less, against the sound’s own length', sprintf('%.0f times faster', $times));
    }

    private static function spoken(string $text): string
    {
        $speech = Files::temporary('wav');
        Program::run('flite', ['-voice', 'slt', '-t', $text, '-o', $speech]);

        return AudioEncoder::decode($speech);
    }
}
