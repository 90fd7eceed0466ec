<?php

declare(strict_types=1);

namespace App\Formats\Video;

use App\Adapters\Video\CaptionPlace;
use App\Adapters\Video\VideoChoice;
use App\Adapters\Video\VideoMaker;
use App\Adapters\Video\VideoShape;
use App\Formats\OffersChoices;
use App\Formats\SharedVersionWriter;
use App\Formats\WriterChoice;
use App\Models\Release;
use Closure;

/** The newest shared version as a video. */
abstract class VideoWriter extends SharedVersionWriter implements OffersChoices
{
    final public function __construct(private readonly VideoMaker $maker, private readonly VideoChoice $choice = new VideoChoice)
    {
    }

    public function chosen(array $choices): self
    {
        [$shape, $captions, $waits] = array_map(static fn (WriterChoice $choice): string => $choice->of($choices), self::choices());

        return new static($this->maker, new VideoChoice(
            VideoShape::from($shape),
            CaptionPlace::from($captions),
            $waits === 'with',
            $this->isWebm(),
        ));
    }

    /** @return array{WriterChoice, WriterChoice, WriterChoice} */
    protected static function choices(): array
    {
        return [
            new WriterChoice('shape', 'Size', array_combine(
                array_column(VideoShape::cases(), 'value'),
                array_map(static fn (VideoShape $shape): string => $shape->label(), VideoShape::cases()),
            )),
            new WriterChoice('captions', 'Captions', array_combine(
                array_column(CaptionPlace::cases(), 'value'),
                array_map(static fn (CaptionPlace $place): string => $place->label(), CaptionPlace::cases()),
            )),
            new WriterChoice('waits', 'Pause points', [
                'with' => 'With the waits, counted down in the picture',
                'without' => 'Without waits: who watches stops by hand',
            ]),
        ];
    }

    abstract protected function isWebm(): bool;

    protected function writeRelease(Release $release, Closure $progress): string
    {
        return $this->maker->make($release, $this->choice, $progress);
    }
}
