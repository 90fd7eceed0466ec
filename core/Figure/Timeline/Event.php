<?php

declare(strict_types=1);

namespace Daybright\Figure\Timeline;

use Daybright\Figure\InvalidQuantities;

/** Something that happened in a year, or from one year to another. */
final readonly class Event
{
    private function __construct(public Year $from, public ?Year $to, public string $label)
    {
    }

    /**
     * Reads “1656: The pendulum clock”, “150 BCE A sundial” or “1914–1918: A war”.
     *
     * @throws InvalidQuantities
     */
    public static function read(string $line): self
    {
        $era = '(BCE|BC|CE|AD)?';
        if (preg_match("/^(?:AD\s*)?(\d{1,5})\s*{$era}(?:\s*(?:–|-|to)\s*(\d{1,5})\s*{$era})?\s*[:,.]?\s+(\S.*)$/u", $line, $match) !== 1) {
            throw InvalidQuantities::because(
                "“{$line}” does not begin with a year. Write the year first: 1656: The pendulum clock, or 150 BCE: A sundial.",
                'events',
            );
        }
        [, $from, $fromEra, $to, $toEra, $label] = $match;
        // In “300–250 BCE” the era stands once, for both.
        $fromEra = $fromEra === '' && $to !== '' && (int) $to < (int) $from ? $toEra : $fromEra;
        $first = self::year((int) $from, $fromEra);
        $last = $to === '' ? null : self::year((int) $to, $toEra);
        if ($last !== null && $first->until($last) <= 0) {
            throw InvalidQuantities::because(
                "“{$line}” ends before it begins. Put the earlier year first, and write BCE after years before the common era.",
                'events',
            );
        }

        return new self($first, $last, mb_substr(trim($label), 0, 60));
    }

    public function last(): Year
    {
        return $this->to ?? $this->from;
    }

    public function written(bool $namesEra = false): string
    {
        return $this->from->written($namesEra).($this->to === null ? '' : '–'.$this->to->written($namesEra));
    }

    private static function year(int $number, string $era): Year
    {
        if ($number === 0) {
            throw InvalidQuantities::because('There is no year 0: 1 BCE is followed by 1 CE. Use one of these.', 'events');
        }

        return Year::numbered($number, $era === 'BCE' || $era === 'BC');
    }
}
