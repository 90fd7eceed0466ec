<?php

declare(strict_types=1);

namespace Daybright\Block\Link;

/** Something outside the lesson to be looked at: where it is, why, and how much of it. */
final readonly class OutsideLink
{
    /** Of which a code can be scanned from a video. */
    private const LONGEST = 300;

    /**
     * @param  string  $from and $to: as the teacher writes them, such as “2:10” or “page 4”; empty for all of it
     * @param  float|null  $minutes that it takes
     */
    public function __construct(
        public string $title,
        public string $address,
        public string $why,
        public string $from,
        public string $to,
        public ?float $minutes,
    ) {
    }

    /** @return string|null what is wrong with the address and what to do; null when a browser can open it */
    public function fault(): ?string
    {
        $address = trim($this->address);
        $host = parse_url($address, PHP_URL_HOST);
        $isOpen = preg_match('~^https?://[^\s<>"{}|\\\\^`]+$~i', $address) === 1 && is_string($host);

        return match (true) {
            $address === '' => 'It has no address yet. Copy it from the browser.',
            mb_strlen($address) > self::LONGEST => 'Its address is too long for a code that can be scanned. Use a shorter one.',
            ! $isOpen => 'Its address cannot be opened. Copy it from the browser, from https:// on.',
            preg_match('/^[\p{L}\p{N}-]+(?:\.[\p{L}\p{N}-]+)*\.\p{L}{2,}$/u', $host) !== 1 => "No site can be called “{$host}”. Copy the address again.",
            default => null,
        };
    }

    /** Where it is, short enough to be read: the name of the site. */
    public function site(): string
    {
        $host = parse_url(trim($this->address), PHP_URL_HOST);

        return is_string($host) ? (string) preg_replace('/^www\./i', '', $host) : '';
    }

    /** How much of it, and how long that takes: “from 2:10 to 4:30 · 3 minutes”; empty where nothing is said. */
    public function part(): string
    {
        $range = trim(($this->from === '' ? '' : "from {$this->from} ").($this->to === '' ? '' : "to {$this->to}"));
        $minutes = $this->minutes === null ? '' : rtrim(rtrim(number_format($this->minutes, 1, '.', ''), '0'), '.');

        return implode(' · ', array_filter([
            $range,
            $minutes === '' ? '' : $minutes.($minutes === '1' ? ' minute' : ' minutes'),
        ]));
    }
}
