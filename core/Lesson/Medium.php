<?php

declare(strict_types=1);

namespace Daybright\Lesson;

/** A picture file of the lesson, with what must be said about it. */
final readonly class Medium
{
    /**
     * @param  string  $sha256 of the file's bytes, which names the file
     * @param  int  $width in pixels
     * @param  int  $height in pixels
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $type,
        public int $width,
        public int $height,
        public string $sha256,
        public string $description,
        public string $credit,
        public string $licence,
    ) {
    }

    public static function from(string $id, Fields $fields): self
    {
        return new self(
            $id,
            $fields->text('name', ''),
            $fields->text('type'),
            $fields->whole('width'),
            $fields->whole('height'),
            $fields->text('sha256'),
            $fields->text('description', ''),
            $fields->text('credit', ''),
            $fields->text('licence', ''),
        );
    }
}
