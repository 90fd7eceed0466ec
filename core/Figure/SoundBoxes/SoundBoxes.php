<?php

declare(strict_types=1);

namespace Daybright\Figure\SoundBoxes;

use Daybright\Figure\Chance;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Figure\Varies;
use Daybright\Language\Dictionary;
use Daybright\Language\Pronunciation;
use Daybright\Language\Sound;
use Daybright\Language\Spelling;
use Daybright\Language\Syllables;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** A word in boxes, one for each sound. The teacher's own split wins, since classroom phonics counts some letters differently. */
final readonly class SoundBoxes implements Varies
{
    private const MOST_BOXES = 12;

    /** Words with few sounds and regular spellings, for practice: two, three and more sounds that take two letters. */
    private const PRACTICE = [
        1 => [
            'sun',
            'map',
            'dog',
            'pin',
            'hat',
            'bed',
            'cup',
            'fox',
            'lid',
            'jam',
            'web',
            'net',
            'mud',
            'rug',
            'zip',
            'van',
            'log',
            'bus',
            'leg',
            'wig',
            'hop',
            'tin',
            'cat',
            'pen',
            'bat',
            'hut',
            'sit',
            'rod',
            'jet',
            'gum',
            'fan',
            'kit',
            'nut',
            'pot',
            'ram',
        ],
        2 => [
            'ship',
            'chin',
            'fish',
            'path',
            'duck',
            'ring',
            'shell',
            'chop',
            'moth',
            'bell',
            'rock',
            'king',
            'wish',
            'rush',
            'thin',
            'back',
            'long',
            'hill',
            'chick',
            'shock',
            'sock',
            'song',
            'dish',
            'bath',
            'much',
            'kick',
            'shed',
            'chip',
            'boss',
            'puff',
            'hush',
            'neck',
            'wing',
            'cloth',
            'doll',
        ],
        3 => [
            'train',
            'sheep',
            'night',
            'cloud',
            'green',
            'flight',
            'spoon',
            'brush',
            'stream',
            'throat',
            'crown',
            'sprout',
            'beach',
            'float',
            'bright',
            'sleep',
            'broom',
            'chain',
            'proud',
            'queen',
            'street',
            'toast',
            'snail',
            'coach',
            'thrush',
            'sketch',
            'splash',
            'crunch',
            'shrimp',
            'string',
            'branch',
            'scratch',
            'cheek',
            'drown',
            'stretch',
            'cake',
            'stone',
            'smile',
            'plate',
            'whale',
            'slope',
        ],
    ];

    /**
     * @param  non-empty-list<array{string, string}>  $boxes letters (“a_e” for such as stand apart), and the sound they write (empty for silent letters)
     * @param  list<int>  $syllableStarts numbers of the boxes with which beats begin
     */
    private function __construct(
        public string $word,
        public array $boxes,
        public array $syllableStarts,
        private ?Pronunciation $pronunciation,
        private bool $isOwn,
    ) {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'sound-boxes',
            'Sound boxes',
            'Split a word into its sounds, one box each, and into beats',
            [Purpose::Sounds],
            [Subject::EarlyReading, Subject::Language],
            'phonics phonemes graphemes syllables segment blend spelling Elkonin letters',
        );
    }

    public static function blank(): array
    {
        return ['word' => 'shadow', 'split' => ''];
    }

    public static function fields(): array
    {
        return [
            Field::text('word', 'Word', 'shadow'),
            Field::text('split', 'Your own split into sounds', 'sh-a-d-ow, c-a_e-k; leave empty to take the dictionary’s'),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $word = mb_strtolower($reading->text('word', 'The word', 18));
        if (preg_match("/^\p{L}+$/u", $word) !== 1) {
            throw InvalidQuantities::because("“{$word}” is not one word. Use letters only, without spaces.", 'word');
        }
        $pronunciation = preg_match('/^[a-z]+$/', $word) === 1 ? Dictionary::shipped()->pronunciation($word) : null;
        if ($reading->has('split')) {
            return self::ownSplit($word, $reading->text('split', 'The split', 40), $pronunciation);
        }
        $matched = $pronunciation === null ? null : Spelling::match($word, $pronunciation);
        if ($pronunciation === null || $matched === null) {
            throw InvalidQuantities::because(
                "“{$word}” is not in the dictionary of sounds. Split it yourself, with a hyphen between sounds: sh-a-d-ow.",
                'split',
            );
        }

        $symbols = $pronunciation->symbols();
        $boxes = [];
        foreach (self::withSilent($matched) as [$letters, $sounds]) {
            $boxes[] = [$letters, implode('', array_splice($symbols, 0, count($sounds)))];
        }

        return self::ofBoxes($word, $boxes, self::boxBeats($matched, $pronunciation), $pronunciation, false);
    }

    public function facts(): array
    {
        $facts = [
            Fact::words('word', $this->word, 'the word'),
            Fact::quantity('letters', Quantity::of(mb_strlen($this->word)), 'how many letters it has'),
            Fact::quantity(
                'sounds',
                Quantity::of($this->isOwn ? count($this->boxes) : count($this->pronunciation->sounds ?? [])),
                'how many sounds it has',
            ),
            Fact::quantity('beats', Quantity::of($this->syllables()), 'how many beats it has'),
            Fact::words('split', implode(' · ', array_column($this->boxes, 0)), 'the word split into sounds'),
            Fact::words('first', $this->boxes[0][0], 'the letters of the first sound'),
            Fact::words('last', $this->boxes[count($this->boxes) - 1][0], 'the letters of the last sound'),
        ];
        if ($this->pronunciation !== null) {
            $facts[] = Fact::words('said', '/'.$this->pronunciation->ipa().'/', 'how it is said, in American English');
        }

        return $facts;
    }

    public function steps(): array
    {
        $steps = [new FigureStep('boxes', 'the empty boxes', 'Say the word slowly. Count the sounds: one box for each.')];
        foreach ($this->boxes as $number => [$letters, $sound]) {
            [$first, $behind] = array_pad(explode('_', $letters, 2), 2, '');
            $steps[] = new FigureStep('sound-'.($number + 1), "“{$letters}”", match (true) {
                $behind !== '' => "This sound is written “{$first}” and “{$behind}”, with another sound between them.",
                $sound === '' && ! $this->isOwn => "Here “{$letters}” is silent.",
                default => "This sound is written “{$letters}”.",
            });
        }
        $steps[] = new FigureStep(
            'beats',
            'the beats',
            $this->syllables() === 1 ? 'The word has one beat.' : "Clap the beats: there are {$this->syllables()}.",
        );

        return $steps;
    }

    public function smallest(): Box
    {
        return new Box(0, 0, max(550.0, 16 + 20.0 * mb_strlen($this->word) + 44 * count($this->boxes)), 300);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        return (new BoxesDrawing($this, $box, $context))->pieces();
    }

    public function words(): string
    {
        return 'Boxes for the sounds of a word: '.count($this->boxes).' in all.';
    }

    /** Level 1 has a letter for each sound, level 2 sounds written with two letters, level 3 longer words; asked is how many sounds. */
    public function vary(int $seed, int $level): Variation
    {
        $chance = Chance::seeded($seed, $level);
        $word = $chance->one(self::PRACTICE[$level]);
        $sounds = count(Dictionary::shipped()->pronunciation($word)->sounds ?? []);

        return Variation::ask(['word' => $word, 'split' => ''], "How many sounds has “{$word}”?", Quantity::of($sounds), [
            'These are the letters, not the sounds.' => Quantity::of(strlen($word)),
            'One sound was not heard.' => Quantity::of($sounds - 1),
            'One sound too many was counted.' => Quantity::of($sounds + 1),
            'These are the beats.' => Quantity::of(Syllables::count($word)),
        ]);
    }

    public function syllables(): int
    {
        return count($this->syllableStarts);
    }

    /**
     * @param  list<array{string, string}>  $boxes
     * @param  list<int>  $syllableStarts
     */
    private static function ofBoxes(string $word, array $boxes, array $syllableStarts, ?Pronunciation $pronunciation, bool $isOwn): self
    {
        if ($boxes === [] || count($boxes) > self::MOST_BOXES) {
            throw InvalidQuantities::because('A word can have from 1 to '.self::MOST_BOXES.' boxes. Choose a shorter word.', 'word');
        }

        return new self($word, $boxes, $syllableStarts, $pronunciation, $isOwn);
    }

    private static function ownSplit(string $word, string $split, ?Pronunciation $pronunciation): self
    {
        $pieces = array_values(array_filter(
            preg_split('/[-–·|\s]+/u', mb_strtolower($split)) ?: [],
            static fn (string $piece): bool => $piece !== '',
        ));
        $joined = self::joined($pieces);
        if ($joined !== $word) {
            throw InvalidQuantities::because(
                "The split has the letters “{$joined}”, but the word is “{$word}”. Use exactly its letters, with a hyphen between sounds, and a_e where letters of one sound stand apart: c-a_e-k.",
                'split',
            );
        }
        $syllables = $pronunciation?->syllables() ?? Syllables::byRule($word);
        $vowels = array_keys(array_filter($pieces, static fn (string $piece): bool => preg_match('/[aeiouy]/', $piece) === 1));
        $starts = [0];
        foreach (array_slice($vowels, 1, $syllables - 1) as $vowel) {
            $starts[] = max($starts[count($starts) - 1] + 1, $vowel - 1);
        }

        return self::ofBoxes($word, array_map(static fn (string $piece): array => [$piece, ''], $pieces), $starts, $pronunciation, true);
    }

    /**
     * The word that pieces spell: in “c-a_e-k” the e comes behind the next piece.
     *
     * @param  list<string>  $pieces
     */
    private static function joined(array $pieces): string
    {
        $word = $waiting = '';
        foreach ($pieces as $piece) {
            [$letters, $behind] = array_pad(explode('_', $piece, 2), 2, '');
            $word .= $letters.$waiting;
            $waiting = $behind;
        }

        // Nothing is left for letters to stand behind: they are no split.
        return $waiting === '' ? $word : "{$word}_{$waiting}";
    }

    /**
     * A silent letter stands in the box of the sound before it; at the beginning of a word with the one after it.
     * An e that makes the vowel say its name belongs to that vowel across the consonant: “a_e” in “cake” (common practice in early
     * reading).
     *
     * @param  list<array{string, list<Sound>}>  $matched
     * @return list<array{string, list<Sound>}>
     */
    private static function withSilent(array $matched): array
    {
        $boxes = $apart = [];
        $waiting = '';
        foreach ($matched as [$letters, $sounds]) {
            $last = array_key_last($boxes);
            // Letters such as “ce” and “the” write one sound; behind a vowel that says its name their e is the vowel's: “ice”, “bathe”.
            if (strlen($letters) > 1 && str_ends_with($letters, 'e') && $last !== null && self::isSplitVowel($boxes[$last], $sounds)) {
                $apart[$last] = '_e';
                $letters = substr($letters, 0, -1);
            }
            if ($sounds !== []) {
                $boxes[] = [$waiting.$letters, $sounds];
                $waiting = '';
            } elseif ($last === null) {
                $waiting .= $letters;
            } elseif ($letters === 'e' && isset($boxes[$last - 1]) && self::isSplitVowel($boxes[$last - 1], $boxes[$last][1])) {
                $apart[$last - 1] = '_e';
            } else {
                $boxes[$last] = [$boxes[$last][0].$letters, $boxes[$last][1]];
            }
        }

        return array_map(
            static fn (array $box, int $number): array => [$box[0].($apart[$number] ?? ''), $box[1]],
            $boxes,
            array_keys($boxes),
        );
    }

    /**
     * @param  array{string, list<Sound>}  $vowel
     * @param  list<Sound>  $between the sounds before the e
     */
    private static function isSplitVowel(array $vowel, array $between): bool
    {
        $name = [
            'a' => Sound::EY,
            'e' => Sound::IY,
            'i' => Sound::AY,
            'y' => Sound::AY,
            'o' => Sound::OW,
            'u' => Sound::UW,
        ][$vowel[0]] ?? null;

        return $name !== null && $vowel[1][count($vowel[1]) - 1] === $name && count($between) === 1 && ! $between[0]->isVowel();
    }

    /**
     * @param  list<array{string, list<Sound>}>  $matched
     * @return list<int>
     */
    private static function boxBeats(array $matched, Pronunciation $pronunciation): array
    {
        $starts = [];
        $sound = 0;
        foreach (self::withSilent($matched) as $number => [, $sounds]) {
            foreach ($pronunciation->syllableStarts() as $start) {
                if ($start >= $sound && $start < $sound + count($sounds)) {
                    $starts[] = $number;
                }
            }
            $sound += count($sounds);
        }

        return array_values(array_unique($starts));
    }
}
