<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\NumberWithUnit;

use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\Units;
use Daybright\Question\InvalidAnswer;

/** In which form and unit a question asks for its number: “in m”, “as a percent”, “how many years”. */
final readonly class AskedForm
{
    private const FORMS = [
        '/\bas an? (?:percent|percentage)\b|\bwhat percent/iu' => 'a percent',
        '/\bas an? decimal\b/iu' => 'a decimal',
        '/\bas an? (?:fraction|mixed number)\b/iu' => 'a fraction',
    ];

    private function __construct(private string $prompt, private Quantity $expected)
    {
    }

    public static function askedBy(string $prompt, Quantity $expected): self
    {
        return new self($prompt, $expected);
    }

    /** “How many years” names the unit: the bare number answers it. */
    public function namesUnit(): bool
    {
        if (preg_match_all('/\bhow many (?:more |fewer |whole )?((?:square |cubic )?\p{L}+)/iu', $this->prompt, $match) === 0) {
            return false;
        }
        foreach ($match[1] as $word) {
            try {
                $unit = Units::read($word);
            } catch (MathsError) {
                continue;
            }
            if ($unit->measuresLike($this->expected->unit) && $unit->factor->isEqualTo($this->expected->unit->factor)) {
                return true;
            }
        }

        return false;
    }

    /**
     * The same amount in another form is not what was asked for: the question typed again would be an answer.
     *
     * @throws InvalidAnswer
     */
    public function refuseOther(string $given, Quantity $answer): void
    {
        if (! $answer->unit->isNone() && $this->namesTargetUnit() && $answer->unit->symbol() !== $this->expected->unit->symbol()) {
            throw InvalidAnswer::inUnit($this->expected->unit->symbol());
        }
        $isFraction = TypedAnswer::isFraction($given, $this->expected->unit);
        $wrong = match ($this->form()) {
            'a percent' => ! $answer->unit->isPercent() && ($isFraction || $this->expected->unit->isPercent()),
            'a decimal' => $isFraction || $answer->unit->isPercent(),
            'a fraction' => ! $isFraction && ! $answer->isWhole(),
            default => false,
        };
        if ($wrong) {
            throw InvalidAnswer::inForm((string) $this->form());
        }
    }

    private function form(): ?string
    {
        foreach (self::FORMS as $pattern => $form) {
            if (preg_match($pattern, $this->prompt) === 1) {
                return $form;
            }
        }

        return null;
    }

    /** “Write 2.5 km in m”, “Give your answer in cm³.” */
    private function namesTargetUnit(): bool
    {
        if ($this->expected->unit->isNone()) {
            return false;
        }
        $symbol = preg_quote($this->expected->unit->symbol(), '~');

        return preg_match('~\b(?:in|into|to)\s+(?:'.$symbol.')(?![\p{L}\d²³/])~u', $this->prompt) === 1 || $this->spelledTarget();
    }

    private function spelledTarget(): bool
    {
        if (preg_match_all('/\b(?:in|into|to)\s+((?:square |cubic )?\p{L}{4,})/iu', $this->prompt, $match) === 0) {
            return false;
        }

        return array_filter(
            $match[1],
            fn (string $word): bool => Units::called($word)?->symbol() === $this->expected->unit->symbol(),
        ) !== [];
    }
}
