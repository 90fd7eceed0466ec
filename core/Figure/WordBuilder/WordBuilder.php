<?php

declare(strict_types=1);

namespace Daybright\Figure\WordBuilder;

use Daybright\Figure\Chance;
use Daybright\Figure\Drawing\Table;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\HasTask;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\Live\Target;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Figure\Varies;
use Daybright\Language\Dictionary;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;

/** Beginnings and endings, and which of them join into real words. */
final readonly class WordBuilder implements HasTask, LiveFigure, Varies
{
    /** Words and the endings that they take, for practice by level. */
    private const PRACTICE = [
        1 => [
            [
                [
                    'hop',
                    'stop',
                    'clap',
                    'plan',
                    'grab',
                    'shop',
                    'drop',
                    'skip',
                    'chat',
                    'hum',
                    'tap',
                    'nod',
                    'beg',
                    'trip',
                    'rub',
                    'hug',
                    'jog',
                ],
                ['ing', 'ed'],
            ],
            [['run', 'swim', 'win', 'dig', 'plan', 'shop', 'jog', 'skip'], ['er', 'ing']],
        ],
        2 => [
            [
                [
                    'hope',
                    'make',
                    'ride',
                    'bake',
                    'smile',
                    'dance',
                    'write',
                    'shine',
                    'close',
                    'move',
                    'race',
                    'save',
                    'use',
                    'skate',
                    'drive',
                ],
                ['ing'],
            ],
            [['bake', 'ride', 'dance', 'write', 'race', 'skate', 'drive', 'make'], ['er']],
            [['late', 'nice', 'wide', 'large', 'brave', 'close', 'safe'], ['er', 'est']],
        ],
        3 => [
            [['carry', 'try', 'cry', 'hurry', 'worry', 'copy', 'marry', 'study', 'empty', 'tidy'], ['ed']],
            [['happy', 'easy', 'funny', 'lucky', 'angry', 'pretty', 'heavy', 'tidy', 'early'], ['er', 'est']],
            [['happy', 'lucky', 'pretty', 'heavy', 'tidy', 'empty'], ['ness']],
        ],
    ];

    private const JOINED = 'joined';

    private const NO_WORD = '–';

    /**
     * @param  non-empty-list<string>  $beginnings
     * @param  non-empty-list<string>  $endings
     * @param  array<string, array<string, string|null>>  $words beginning => ending => the word, null when it is none
     * @param  bool  $isBlank whether they are joined while it is shown
     * @param  list<string>  $joined such as “hop -ed”
     */
    private function __construct(
        private array $beginnings,
        private array $endings,
        private array $words,
        private bool $isBlank,
        private array $joined,
    ) {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'word-builder',
            'Word builder',
            'Join beginnings and endings, and see which are real words',
            [Purpose::Sounds, Purpose::Sort],
            [Subject::EarlyReading, Subject::Language],
            'prefix suffix root onset rime word family spelling -ed -ing plural',
        );
    }

    public static function blank(): array
    {
        return ['beginnings' => "hop\nplay\nwant\nlaugh", 'endings' => "-ed\n-ing\n-er", 'view' => 'words'];
    }

    public static function fields(): array
    {
        return [
            Field::lines('beginnings', 'Beginnings, one on a line', "hop\nun-"),
            Field::lines('endings', 'Endings, one on a line', "-ed\n-ing"),
            Field::choice('view', 'The words', ['words' => 'appear row by row', 'blanks' => 'are joined by hand while it is shown']),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $tidy = static fn (string $piece): string => mb_strtolower((string) preg_replace('/^[- –]+|[- –]+$/u', '', $piece));
        $beginnings = array_values(array_unique(array_map($tidy, $reading->lines('beginnings', 'Beginnings', 1, 8, 10))));
        $endings = array_values(array_unique(array_map($tidy, $reading->lines('endings', 'Endings', 1, 5, 8))));
        foreach (['beginnings' => $beginnings, 'endings' => $endings] as $field => $pieces) {
            foreach ($pieces as $piece) {
                if (preg_match('/^[a-z]+$/', $piece) !== 1) {
                    throw InvalidQuantities::because(
                        "“{$piece}” has something other than the letters a to z in it. Use letters only.",
                        $field,
                    );
                }
            }
        }
        if ($beginnings === [] || $endings === []) {
            throw InvalidQuantities::because('Write at least one beginning and one ending.', 'beginnings');
        }
        $words = [];
        foreach ($beginnings as $beginning) {
            foreach ($endings as $ending) {
                $words[$beginning][$ending] = self::join($beginning, $ending);
            }
        }

        return new self(
            $beginnings,
            $endings,
            $words,
            $reading->choice('view', 'The words', ['words', 'blanks']) === 'blanks',
            array_map(strval(...), array_keys($quantities->map(self::JOINED))),
        );
    }

    public static function live(): array
    {
        return [self::JOINED];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        if (! $this->isBlank) {
            return [];
        }
        $table = $this->table($box, $context);
        $handles = [];
        foreach ($this->endings as $column => $ending) {
            $targets = array_map(
                static fn (string $beginning, int $row): Target => new Target(
                    $beginning,
                    $table->place($row + 1),
                    self::joining($beginning, $ending, 'yes'),
                ),
                $this->beginnings,
                array_keys($this->beginnings),
            );
            $handles[] = Handle::drag("ending-{$ending}", "-{$ending}", $table->cell(0, $column + 1), $targets);
            foreach ($this->beginnings as $row => $beginning) {
                if ($this->isJoined($beginning, $ending)) {
                    $apart = new Target('Take them apart', null, self::joining($beginning, $ending, null));
                    $cell = $table->cell($row + 1, $column + 1);
                    $handles[] = Handle::press("{$beginning}-{$ending}", "{$beginning} and -{$ending}", $cell, [$apart]);
                }
            }
        }

        return $handles;
    }

    public function done(LiveFigure $before): string
    {
        $told = [];
        foreach ($before instanceof self ? $this->beginnings : [] as $beginning) {
            foreach ($this->endings as $ending) {
                $isJoined = $this->isJoined($beginning, $ending);
                if ($before instanceof self && $isJoined !== $before->isJoined($beginning, $ending)) {
                    $word = $this->words[$beginning][$ending];
                    $told[] = $isJoined
                        ? "joins “{$beginning}” and “-{$ending}”: ".($word === null ? 'no word' : "“{$word}”")
                        : "takes “{$beginning}” and “-{$ending}” apart";
                }
            }
        }

        return implode(' and ', $told);
    }

    /** @return array<string, mixed> */
    private static function joining(string $beginning, string $ending, ?string $isJoined): array
    {
        return [self::JOINED => ["{$beginning} -{$ending}" => $isJoined]];
    }

    private function isJoined(string $beginning, string $ending): bool
    {
        return ! self::isUnfit($beginning, $ending) && in_array("{$beginning} -{$ending}", $this->joined, true);
    }

    public function facts(): array
    {
        $real = $this->real();
        $facts = [
            Fact::quantity('count', Quantity::of(count($real)), 'how many are real words'),
            Fact::quantity('joins', Quantity::of(count($this->beginnings) * count($this->endings)), 'how many joins there are'),
            Fact::words('words', $real === [] ? 'none' : implode(', ', $real), 'the real words'),
        ];
        foreach ($this->endings as $number => $ending) {
            $sounds = $this->endingSounds($ending);
            if ($sounds !== []) {
                $facts[] = Fact::words(
                    'sound '.chr(97 + $number),
                    implode(
                        ', ',
                        array_map(
                            static fn (string $sound, array $words): string => "/{$sound}/ in ".implode(', ', $words),
                            array_keys($sounds),
                            $sounds,
                        ),
                    ),
                    "how -{$ending} sounds",
                );
            }
        }

        return $facts;
    }

    public function steps(): array
    {
        $steps = [new FigureStep('pieces', 'the pieces', 'Here are beginnings down the side and endings across the top.')];
        foreach ($this->isBlank ? [] : $this->beginnings as $number => $beginning) {
            $real = array_values(array_filter($this->words[$beginning]));
            $steps[] = new FigureStep(
                'row-'.($number + 1),
                "words from “{$beginning}”",
                $real === [] ? "“{$beginning}” makes no real word here." : "“{$beginning}” makes ".implode(', ', $real).'.',
            );
        }

        return $steps;
    }

    public function smallest(): Box
    {
        $longest = max(array_map(
            fn (string $beginning): int => max(array_map(
                fn (string $ending): int => mb_strlen($this->words[$beginning][$ending] ?? $ending),
                $this->endings,
            )),
            $this->beginnings,
        ));
        $first = max(array_map(mb_strlen(...), $this->beginnings));

        return new Box(
            0,
            0,
            min(1430.0, max(550.0, 40 + 20.0 * ($first + $longest * count($this->endings)) + 24 * count($this->endings))),
            12 + Table::ROW * (count($this->beginnings) + 1),
        );
    }

    public function scene(Box $box, RenderContext $context): array
    {
        $columns = count($this->endings) + 1;
        $table = $this->table($box, $context);
        $pieces = ['pieces' => $table->head()];
        foreach ($this->beginnings as $number => $beginning) {
            $row = $number + 1;
            array_push($pieces['pieces'], ...$table->row($row, [$beginning], true, $context->strong));
            $shapes = [];
            foreach ($this->endings as $column => $ending) {
                $word = $this->words[$beginning][$ending];
                $cells = array_fill(0, $columns, '');
                if ($this->isBlank && ! $this->isJoined($beginning, $ending)) {
                    continue;
                }
                $cells[$column + 1] = $word ?? (self::isUnfit($beginning, $ending) ? '' : self::NO_WORD);
                array_push(
                    $shapes,
                    ...array_slice($table->row($row, array_values($cells), $word !== null, $word === null ? Paint::QUIET : Paint::INK), 1),
                );
            }
            $piece = $this->isBlank ? 'pieces' : "row-{$row}";
            $pieces[$piece] = [...$pieces[$piece] ?? [], ...$shapes];
        }

        return $pieces;
    }

    private function table(Box $box, RenderContext $context): Table
    {
        $columns = count($this->endings) + 1;

        return new Table(
            ['', ...array_map(static fn (string $ending): string => "-{$ending}", $this->endings)],
            array_fill(0, $columns, 1 / $columns),
            count($this->beginnings),
            $box->inset(3),
            $context,
        );
    }

    public function words(): string
    {
        return 'A table of beginnings, '.implode(', ', $this->beginnings).', and endings, '.implode(
            ', ',
            array_map(static fn (string $ending): string => "-{$ending}", $this->endings),
        ).'.';
    }

    public function task(): array
    {
        $items = [];
        foreach ($this->beginnings as $beginning) {
            foreach ($this->endings as $ending) {
                if ($this->words[$beginning][$ending] === null && self::isUnfit($beginning, $ending)) {
                    continue;
                }
                $items[] = [
                    'text' => $this->words[$beginning][$ending] ?? $beginning.$ending,
                    'group' => $this->words[$beginning][$ending] === null ? 'group-2' : 'group-1',
                ];
            }
        }
        $items = array_map(
            static fn (array $item, int $number): array => ['id' => 'item-'.($number + 1)] + $item,
            array_slice($items, 0, 16),
            array_keys(array_slice($items, 0, 16)),
        );

        return [
            'type' => 'sort',
            'prompt' => 'Which of these are real words?',
            'marks' => max(1, min(5, intdiv(count($items), 2))),
            'groups' => [['id' => 'group-1', 'name' => 'Real words'], ['id' => 'group-2', 'name' => 'Not real words']],
            'items' => $items,
        ];
    }

    /** Level 1 doubles a letter, level 2 drops an e, level 3 turns a y into i (the joining rules of school spelling, common practice). */
    public function vary(int $seed, int $level): Variation
    {
        $chance = Chance::seeded($seed, $level);
        [$words, $endings] = $chance->one(self::PRACTICE[$level]);
        [$word, $ending] = [$chance->one($words), $chance->one($endings)];
        $joined = self::join($word, $ending) ?? $word.$ending;
        $short = substr($word, 0, -1);
        $slips = match ($level) {
            1 => [
                'The last letter is doubled after a short vowel.' => $word.$ending,
                'It is the last letter that is doubled, not the vowel.' => substr($short, 0, -1)
                    .substr($short, -1)
                    .substr($short, -1)
                    .substr($word, -1)
                    .$ending,
            ],
            2 => [
                'The e goes before an ending that begins with a vowel.' => $word.$ending,
                'Nothing is doubled: the vowel says its name.' => $short.substr($short, -1).$ending,
            ],
            default => [
                'A y after a consonant turns into i.' => $word.$ending,
                'The y was left out.' => $short.$ending,
                'The y itself turns into i: it does not stay.' => "{$word}i{$ending}",
            ],
        };

        return Variation::ask(
            ['beginnings' => $word, 'endings' => "-{$ending}"],
            "Join “{$word}” and “-{$ending}”. How is the word written?",
            $joined,
            $slips,
        );
    }

    /** Joined as English joins them: hop + ing is hopping, make + ing is making, try + ed is tried. Plain joining is the last try. */
    private static function join(string $beginning, string $ending): ?string
    {
        foreach (Joining::spellings($beginning, $ending) as $word) {
            if (Dictionary::shipped()->hasWord($word)) {
                return $word;
            }
        }

        return null;
    }

    /** Whether the pieces would make a word that no child should be shown. */
    private static function isUnfit(string $beginning, string $ending): bool
    {
        return array_filter(Joining::spellings($beginning, $ending), Dictionary::shipped()->isUnfit(...)) !== [];
    }

    /** @return list<string> */
    private function real(): array
    {
        return array_values(array_unique(array_filter(array_merge(...array_map(array_values(...), array_values($this->words))))));
    }

    /**
     * The sounds an ending has in the real words: -ed is spoken as /t/, /d/ or /ɪd/.
     *
     * @return array<string, list<string>> sound => words
     */
    private function endingSounds(string $ending): array
    {
        $bySound = [];
        foreach ($this->beginnings as $beginning) {
            $word = $this->words[$beginning][$ending];
            $whole = $word === null ? null : Dictionary::shipped()->pronunciation($word);
            $stem = Dictionary::shipped()->pronunciation($beginning);
            if ($word === null || $whole === null || $stem === null || count($whole->sounds) <= count($stem->sounds)) {
                continue;
            }
            // The dictionary writes the weak vowel of -ed and -es now as one sound, now as another.
            $sound = strtr($whole->ipa(count($stem->sounds)), ['əd' => 'ɪd', 'əz' => 'ɪz']);
            $bySound[$sound][] = $word;
        }

        return $bySound;
    }
}
