<?php

declare(strict_types=1);

namespace Daybright\Block\Clip;

use Daybright\Lesson\Fields;

/** What of a clip is played, and what is said in it. */
final readonly class MarkedClip
{
    /**
     * @param  string  $medium id of the clip
     * @param  float  $from seconds of the clip at which it begins
     * @param  float  $to and at which it ends
     * @param  list<ClipCaption>  $captions
     */
    public function __construct(
        public string $medium,
        public string $title,
        public float $from,
        public float $to,
        public array $captions,
    ) {
    }

    /** @return self|null null while no clip is chosen, or nothing of it is marked */
    public static function from(Fields $content): ?self
    {
        $medium = $content->text('medium', '');
        $from = $content->number('from', 0.0);
        $to = $content->number('to', 0.0);

        return $medium === '' || $to <= $from ? null : new self(
            $medium,
            $content->text('title', ''),
            $from,
            $to,
            array_map(
                static fn (Fields $caption): ClipCaption => new ClipCaption(
                    $caption->number('from'),
                    $caption->number('to'),
                    $caption->text('text'),
                ),
                $content->list('captions'),
            ),
        );
    }

    /** A tenth of a second more than a whole one is not waited for. */
    private const REST = 0.1;

    /** @return int seconds that the narration waits: whole ones, so that it goes on after a breath */
    public function waits(): int
    {
        return max(1, (int) ceil(round($this->to - $this->from - self::REST, 3)));
    }
}
