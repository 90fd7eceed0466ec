<?php

declare(strict_types=1);

namespace Daybright\Language;

/** How a word is said: its sounds in order, and how strongly each vowel is stressed. */
final readonly class Pronunciation
{
    // What an English syllable may begin with, by how many sounds it is; each sound is a letter, as Sound writes it.
    private const ONE = '[bpkgfvTSCJDdtszZhmnlrwy]';

    private const TWO = 's[pktmnlwf]|[bpkgf][lr]|[td]r|Tr|Sr|[tdk]w|[bpkgfvhm]y';

    private const THREE = 's[pkt]r|spl|skw';

    /**
     * @param  list<Sound>  $sounds
     * @param  list<int>  $stresses for each sound: 1 main stress, 2 lesser stress, 0 none
     */
    private function __construct(public array $sounds, private array $stresses)
    {
    }

    /** @param  string  $kept one letter a sound, 1 or 2 after a stressed vowel */
    public static function read(string $kept): self
    {
        $sounds = $stresses = [];
        foreach (str_split($kept) as $letter) {
            if ($letter === '1' || $letter === '2') {
                $stresses[count($stresses) - 1] = (int) $letter;

                continue;
            }
            $sounds[] = Sound::from($letter);
            $stresses[] = 0;
        }

        return new self($sounds, array_values($stresses));
    }

    /** How many syllables the word has: one for each vowel. */
    public function syllables(): int
    {
        return count(array_filter($this->sounds, static fn (Sound $sound): bool => $sound->isVowel()));
    }

    /**
     * What must be alike for two words to rhyme: everything from the last stressed vowel on.
     *
     * @return list<Sound>
     */
    public function rhyme(): array
    {
        $from = null;
        $last = count($this->sounds) - 1;
        foreach ($this->sounds as $number => $sound) {
            // The last vowel of “selfie” and “body” is never what rhymes, though the dictionary sometimes marks it.
            $isEnding = $number === $last && $sound === Sound::IY && $this->stresses[$number] !== 1;
            if ($from !== null && $isEnding) {
                continue;
            }
            if ($sound->isVowel() && ($from === null || $this->stresses[$number] > 0 || $this->stresses[$from] === 0)) {
                $from = $number;
            }
        }

        return array_slice($this->sounds, $from ?? 0);
    }

    /** In the letters of the International Phonetic Association, from the first sound on or from a later one. */
    public function ipa(int $from = 0): string
    {
        return implode('', array_slice($this->symbols(), $from));
    }

    /** @return list<string> for each sound; a weak vowel has letters of its own */
    public function symbols(): array
    {
        return array_map(static fn (Sound $sound, int $stress): string => match (true) {
            $stress === 0 && $sound === Sound::AH => 'ə',
            $stress === 0 && $sound === Sound::ER => 'ɚ',
            default => $sound->ipa(),
        }, $this->sounds, $this->stresses);
    }

    /**
     * The syllables as runs of sounds: consonants go with the vowel after them as far as English words can begin with them.
     *
     * @return list<int> number of the sound with which each beat begins
     */
    public function syllableStarts(): array
    {
        $vowels = array_keys(array_filter($this->sounds, static fn (Sound $sound): bool => $sound->isVowel()));
        $starts = [0];
        foreach (array_slice($vowels, 1) as $number => $vowel) {
            $between = range($vowels[$number] + 1, $vowel);
            array_pop($between);
            $start = $vowel;
            foreach (array_reverse($between) as $consonant) {
                $onset = array_slice($this->sounds, $consonant, $vowel - $consonant);
                // A short stressed vowel keeps one consonant to itself.
                $isLast = $consonant === $vowels[$number] + 1;
                $isShort = in_array(
                    $this->sounds[$vowels[$number]],
                    [Sound::AE, Sound::EH, Sound::IH, Sound::UH, Sound::AH, Sound::AA],
                    true,
                )
                    && $this->stresses[$vowels[$number]] > 0;
                if (! self::canBegin($onset) || ($isLast && $isShort && $consonant < $vowel - 1)) {
                    break;
                }
                $start = $consonant;
            }
            $starts[] = $start;
        }

        return $starts;
    }

    /** @param  list<Sound>  $onset */
    private static function canBegin(array $onset): bool
    {
        $written = implode('', array_map(static fn (Sound $sound): string => $sound->value, $onset));

        return $onset !== [Sound::NG] && preg_match('/^('.self::ONE.'|'.self::TWO.'|'.self::THREE.')$/', $written) === 1;
    }
}
