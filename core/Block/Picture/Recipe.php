<?php

declare(strict_types=1);

namespace Daybright\Block\Picture;

use Daybright\Lesson\Fields;

/** What is done to a picture before it is shown: everything can be taken back, since the file stays as it is. */
final readonly class Recipe
{
    private const STEEPEST = 15.0;

    private const LIGHTEST = 0.6;

    /** What is left of a picture at least, as a share of its width and height. */
    private const LEAST = 0.05;

    /**
     * @param  array{float, float, float, float}  $crop x, y, width and height that are seen, as shares of the turned picture
     * @param  int  $turn quarter turns clockwise, 0 to 3
     * @param  float  $straighten degrees clockwise, so little that no corner shows
     * @param  bool  $mirror left and right changed
     * @param  float  $light from −0.6, darker, to 0.6, lighter
     * @param  string  $cleared id of the medium without its background; empty for none
     */
    private function __construct(
        public array $crop,
        public int $turn,
        public float $straighten,
        public bool $mirror,
        public float $light,
        public string $cleared,
    ) {
    }

    public static function from(Fields $recipe): self
    {
        $crop = $recipe->fields('crop');
        $width = min(1.0, max(self::LEAST, $crop->number('width', 1)));
        $height = min(1.0, max(self::LEAST, $crop->number('height', 1)));

        return new self(
            [
                min(1 - $width, max(0.0, $crop->number('x', 0))),
                min(1 - $height, max(0.0, $crop->number('y', 0))),
                $width,
                $height,
            ],
            (($recipe->whole('turn', 0) % 4) + 4) % 4,
            min(self::STEEPEST, max(-self::STEEPEST, $recipe->number('straighten', 0))),
            $recipe->flag('mirror'),
            min(self::LIGHTEST, max(-self::LIGHTEST, $recipe->number('light', 0))),
            $recipe->text('cleared', ''),
        );
    }

    /** Whether the picture is shown as it is. */
    public function isPlain(): bool
    {
        $isWhole = $this->crop === [0.0, 0.0, 1.0, 1.0];

        return $isWhole && $this->turn === 0 && $this->straighten === 0.0 && ! $this->mirror && $this->light === 0.0;
    }
}
