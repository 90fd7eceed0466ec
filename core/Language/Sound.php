<?php

declare(strict_types=1);

namespace Daybright\Language;

/** A speech sound of English, by the letter under which the dictionary keeps it. */
enum Sound: string
{
    case AA = 'a';
    case AE = 'A';
    case AH = 'u';
    case AO = 'o';
    case AW = 'Q';
    case AY = 'I';
    case B = 'b';
    case CH = 'C';
    case D = 'd';
    case DH = 'D';
    case EH = 'e';
    case ER = 'R';
    case EY = 'E';
    case F = 'f';
    case G = 'g';
    case HH = 'h';
    case IH = 'i';
    case IY = 'Y';
    case JH = 'J';
    case K = 'k';
    case L = 'l';
    case M = 'm';
    case N = 'n';
    case NG = 'N';
    case OW = 'O';
    case OY = 'X';
    case P = 'p';
    case R = 'r';
    case S = 's';
    case SH = 'S';
    case T = 't';
    case TH = 'T';
    case UH = 'U';
    case UW = 'M';
    case V = 'v';
    case W = 'w';
    case Y = 'y';
    case Z = 'z';
    case ZH = 'Z';

    /** @param  string  $code of the CMU Pronouncing Dictionary, without its stress */
    public static function fromArpabet(string $code): self
    {
        foreach (self::cases() as $sound) {
            if ($sound->name === $code) {
                return $sound;
            }
        }
        throw LanguageError::unknownSound($code);
    }

    public function isVowel(): bool
    {
        return in_array(
            $this,
            [
                self::AA,
                self::AE,
                self::AH,
                self::AO,
                self::AW,
                self::AY,
                self::EH,
                self::ER,
                self::EY,
                self::IH,
                self::IY,
                self::OW,
                self::OY,
                self::UH,
                self::UW,
            ],
            true,
        );
    }

    /** In the letters of the International Phonetic Association. */
    public function ipa(): string
    {
        return match ($this) {
            self::AA => 'ɑ', self::AE => 'æ', self::AH => 'ʌ', self::AO => 'ɔ', self::AW => 'aʊ', self::AY => 'aɪ',
            self::CH => 'tʃ', self::DH => 'ð', self::EH => 'ɛ', self::ER => 'ɝ', self::EY => 'eɪ', self::HH => 'h',
            self::IH => 'ɪ', self::IY => 'i', self::JH => 'dʒ', self::NG => 'ŋ', self::OW => 'oʊ', self::OY => 'ɔɪ',
            self::SH => 'ʃ', self::TH => 'θ', self::UH => 'ʊ', self::UW => 'u', self::Y => 'j', self::ZH => 'ʒ',
            default => strtolower($this->name),
        };
    }

    /**
     * The letters that commonly write it, the commonest first.
     *
     * @return non-empty-list<string>
     */
    public function spellings(): array
    {
        return match ($this) {
            self::AA => ['o', 'a', 'ah', 'au', 'ow', 'ea', 'e', 'aa'],
            self::AE => ['a', 'ai', 'au', 'i'],
            self::AH => ['u', 'o', 'a', 'e', 'i', 'ou', 'oo', 'y', 'io', 'ia', 'ai', 'eo', 'ea', 'oe', 'ie'],
            self::AO => ['o', 'a', 'aw', 'au', 'augh', 'ough', 'oa', 'oo', 'ou', 'ao'],
            self::AW => ['ou', 'ow', 'ough', 'au'],
            self::AY => ['i', 'y', 'ia', 'igh', 'ie', 'ye', 'eye', 'uy', 'ei', 'eigh', 'ai', 'ui', 'aye'],
            self::B => ['b', 'bb', 'pb'],
            self::CH => ['ch', 'tch', 't', 'c', 'tu', 'ti'],
            self::D => ['d', 'dd', 'ed', 'ld', 'dh'],
            self::DH => ['th', 'the'],
            self::EH => ['e', 'ea', 'a', 'ai', 'ie', 'ay', 'ei', 'eo', 'u', 'ae'],
            self::ER => ['er', 'ir', 'ur', 'or', 'ear', 'ar', 're', 'r', 'our', 'yr', 'ure', 'err', 'irr', 'urr', 'ier', 'eur', 'olo'],
            self::EY => ['a', 'ai', 'ay', 'ea', 'ei', 'eigh', 'ey', 'e', 'et', 'aigh', 'au', 'ee'],
            self::F => ['f', 'ff', 'ph', 'gh', 'lf', 'ft'],
            self::G => ['g', 'gg', 'gh', 'gu', 'gue'],
            self::HH => ['h', 'wh', 'j', 'g'],
            self::IH => ['i', 'e', 'y', 'a', 'ee', 'ea', 'u', 'ui', 'ie', 'o', 'ei', 'ia'],
            self::IY => ['ee', 'ea', 'e', 'y', 'i', 'ie', 'ey', 'ei', 'eo', 'ay', 'oe', 'ae'],
            self::JH => ['j', 'g', 'dge', 'ge', 'dg', 'gg', 'd', 'di', 'du', 'dj'],
            self::K => ['k', 'c', 'ck', 'cc', 'ch', 'q', 'qu', 'lk', 'que', 'kh', 'cq', 'x'],
            self::L => ['l', 'll', 'le', 'sl', 'el', 'al', 'il', 'ln'],
            self::M => ['m', 'mm', 'mb', 'mn', 'lm', 'gm'],
            self::N => ['n', 'nn', 'kn', 'gn', 'pn', 'ne', 'mn', 'nd', 'en', 'on'],
            self::NG => ['ng', 'n', 'ngue'],
            self::OW => ['o', 'oa', 'ow', 'oe', 'ough', 'ou', 'oo', 'ew', 'au', 'eau', 'ol', 'oh'],
            self::OY => ['oy', 'oi', 'uoy'],
            self::P => ['p', 'pp', 'ph'],
            self::R => ['r', 'rr', 'wr', 'rh', 're'],
            self::S => ['s', 'ss', 'c', 'sc', 'ce', 'se', 'st', 'ps', 'sw', 'z', 'sce'],
            self::SH => ['sh', 'ti', 'ci', 's', 'ch', 'ssi', 'si', 'ss', 'ce', 'sci', 'su', 'xi', 'c', 't'],
            self::T => ['t', 'tt', 'ed', 'bt', 'pt', 'th', 'ght', 'te', 'ct', 'd'],
            self::TH => ['th'],
            self::UH => ['oo', 'u', 'ou', 'o', 'ui'],
            self::UW => ['oo', 'u', 'ew', 'ue', 'ou', 'o', 'ui', 'oe', 'ough', 'eu', 'wo', 'eau', 'ugh'],
            self::V => ['v', 'f', 've', 'vv', 'ph'],
            self::W => ['w', 'wh', 'u', 'o'],
            self::Y => ['y', 'i', 'u', 'j'],
            self::Z => ['z', 's', 'zz', 'se', 'ss', 'ze', 'x', 'es', 'cz', 'sc'],
            self::ZH => ['si', 's', 'ge', 'g', 'z', 'su', 'ti'],
        };
    }
}
