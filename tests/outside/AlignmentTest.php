<?php

declare(strict_types=1);

namespace Tests\Outside;

use App\Alignment\SoundAlignment;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\App\TestCase;

/**
 * Where words are, against sentences of flite (CMU, another synthesizer with other voices than the reference) that are spoken one by one
 * and put together with silences: where each begins is known to the sample.
 */
final class AlignmentTest extends TestCase
{
    private const RATE = 16_000;

    private const SCRIPT = [
        'Put the stick into the sand where nothing shades it.',
        'Mark the end of its shadow with a small white stone.',
        'After half an hour you come back and mark it again.',
        'The shadow has become shorter, and it points another way.',
        'Around noon it hardly moves at all for twenty minutes.',
        'In the afternoon the stones begin to lie farther apart.',
        'Draw a line through all of them before you go home.',
    ];

    private const ADDED = 'Somebody left the garden gate open, so please wait for a moment.';

    /** Each with what is said before its second sentence is begun again. */
    private const SHORT = [
        'The poem has' => ['Today we read a poem.', 'The poem has four verses and a refrain.', 'Listen for the words that rhyme.'],
        'First add up all' => ['We look for the mean.', 'First add up all of the numbers in it.', 'Then divide by how many there are.'],
        'A river carries' => ['It begins in the hills.', 'A river carries stones and sand down to the sea.', 'There the delta grows.'],
    ];

    /** Milliseconds by which the first word of a sentence may be off at the middle, and at most. */
    private const MIDDLE = 60;

    private const MOST = 400;

    /** @return iterable<string, array{string}> */
    public static function voices(): iterable
    {
        yield 'a woman' => ['slt'];
        yield 'a man' => ['rms'];
        yield 'a Scot' => ['awb'];
    }

    #[DataProvider('voices')]
    public function test_sentences_begin_where_they_were_put(string $voice): void
    {
        [$file, $starts] = self::spoken($voice, self::SCRIPT);
        $found = SoundAlignment::find($file, implode("\n", self::SCRIPT));
        self::assertTrue($found['isOfThisScript']);
        self::assertSame([], $found['departures']);
        self::assertNear($starts, $found);
    }

    public function test_a_sentence_that_is_left_out_is_named_and_the_others_are_found(): void
    {
        $said = self::SCRIPT;
        unset($said[3]);
        [$file, $starts] = self::spoken('slt', array_values($said));
        $found = SoundAlignment::find($file, implode("\n", self::SCRIPT));
        self::assertSame(['skipped'], array_column($found['departures'], 'kind'));
        self::assertSame(self::SCRIPT[3], $found['departures'][0]['text']);
        array_splice($starts, 3, 0, [null]);
        self::assertNear($starts, $found);
    }

    public function test_what_is_said_beside_the_script_is_found_where_it_is_said(): void
    {
        $said = self::SCRIPT;
        array_splice($said, 4, 0, [self::ADDED]);
        [$file, $starts] = self::spoken('rms', $said);
        $found = SoundAlignment::find($file, implode("\n", self::SCRIPT));
        self::assertSame(['added'], array_column($found['departures'], 'kind'));
        self::assertEqualsWithDelta($starts[4], $found['departures'][0]['from'], 400);
        array_splice($starts, 4, 1);
        self::assertNear($starts, $found);
    }

    public function test_a_sentence_that_is_begun_again_is_found_where_it_was_begun_first(): void
    {
        $said = self::SCRIPT;
        array_splice($said, 2, 0, ['After half an hour you']);
        [$file, $starts] = self::spoken('awb', $said);
        $found = SoundAlignment::find($file, implode("\n", self::SCRIPT));
        self::assertSame(['restarted'], array_column($found['departures'], 'kind'));
        self::assertEqualsWithDelta($starts[2], $found['departures'][0]['from'], 400);
        array_splice($starts, 2, 1);
        self::assertNear($starts, $found);
    }

    public function test_in_takes_of_some_seconds_sentences_begun_again_without_a_pause_are_found_and_nothing_else_is(): void
    {
        $found = 0;
        foreach (array_column([...self::voices()], 0) as $voice) {
            foreach (self::SHORT as $begun => $script) {
                [$clean] = self::spoken($voice, $script);
                self::assertSame([], SoundAlignment::find($clean, implode("\n", $script))['departures']);
                [$again] = self::spoken($voice, [$script[0], "{$begun} {$script[1]}", $script[2]]);
                $kinds = array_column(SoundAlignment::find($again, implode("\n", $script))['departures'], 'kind');
                self::assertThat($kinds, self::logicalOr(self::identicalTo([]), self::identicalTo(['restarted'])));
                $found += count($kinds);
            }
        }
        // Of nine; four where only the reference voice told.
        self::assertGreaterThanOrEqual(6, $found);
    }

    public function test_another_script_is_recognised_as_another(): void
    {
        [$file] = self::spoken('slt', self::SCRIPT);
        $other = [
            'Seven ducks crossed the road behind our school last Tuesday.',
            'Why does bread rise when we leave it near the oven?',
            'My grandmother keeps her letters in a blue tin box.',
            'Multiply both sides by four and simplify what is left.',
            'Every river on this map flows towards the western sea.',
            'He never told anybody what he had seen that night.',
            'Choose one colour for the sky and another for the hills.',
        ];
        self::assertFalse(SoundAlignment::find($file, implode("\n", $other))['isOfThisScript']);
    }

    /**
     * @param  list<string>  $sentences
     * @return array{string, list<float>} path of a WAV, and milliseconds at which each sentence begins
     */
    private static function spoken(string $voice, array $sentences): array
    {
        $sound = str_repeat("\0\0", (int) (0.7 * self::RATE));
        $starts = [];
        foreach ($sentences as $number => $sentence) {
            $file = sys_get_temp_dir().'/daybright-said-'.getmypid().'.wav';
            (new Process(['flite', '-voice', $voice, '-t', $sentence, '-o', $file]))->mustRun();
            $said = substr((string) file_get_contents($file), 44);
            unlink($file);
            $starts[] = strlen($sound) / 2 / self::RATE * 1000 + self::onset($said);
            // No two silences are alike.
            $sound .= $said.str_repeat("\0\0", (int) ((0.15 + 0.23 * ($number % 4)) * self::RATE));
        }
        $target = sys_get_temp_dir().'/daybright-take-'.getmypid().'.wav';
        $length = strlen($sound);
        $head = 'RIFF'.pack('V', 36 + $length).'WAVEfmt '.pack('VvvVVvv', 16, 1, 1, self::RATE, self::RATE * 2, 2, 16);
        file_put_contents($target, $head.'data'.pack('V', $length).$sound);

        return [$target, $starts];
    }

    /** Milliseconds of silence before somebody speaks. */
    private static function onset(string $said): float
    {
        foreach (unpack('s*', $said) ?: [] as $number => $sample) {
            if (abs($sample) > 300) {
                return $number / self::RATE * 1000;
            }
        }

        return 0.0;
    }

    /**
     * @param  list<float|null>  $starts of the sentences of the script; null for what is not said
     * @param  array{words: list<array{text: string, from: float, to: float, isSaid: bool}>}  $found
     */
    private static function assertNear(array $starts, array $found): void
    {
        $apart = [];
        $word = 0;
        foreach (self::SCRIPT as $number => $sentence) {
            if ($starts[$number] !== null) {
                $apart[] = abs($found['words'][$word]['from'] - $starts[$number]);
            }
            $word += count(explode(' ', $sentence));
        }
        sort($apart);
        self::assertLessThan(self::MIDDLE, $apart[intdiv(count($apart), 2)]);
        self::assertLessThan(self::MOST, $apart[count($apart) - 1]);
    }
}
