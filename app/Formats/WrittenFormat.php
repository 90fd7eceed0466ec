<?php

declare(strict_types=1);

namespace App\Formats;

/** What is said of a format that lessons are written in. */
final readonly class WrittenFormat
{
    /**
     * @param  string  $name in addresses, such as “mp4”
     * @param  string  $about what is in it and what it is for, in a sentence without a full stop
     * @param  string  $ending of the file's name, such as “.mp4”
     * @param  bool  $takesLong made on the queue, with progress; others are made while one waits
     * @param  list<WriterChoice>  $choices to be made before
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $about,
        public FilePurpose $purpose,
        public string $mediaType,
        public string $ending,
        public bool $takesLong = false,
        public array $choices = [],
    ) {
    }

    /**
     * @param  array<string, string>  $choices
     * @return array<string, string> a value for each choice, in its order
     */
    public function chosen(array $choices): array
    {
        $chosen = [];
        foreach ($this->choices as $choice) {
            $chosen[$choice->name] = $choice->of($choices);
        }

        return $chosen;
    }
}
