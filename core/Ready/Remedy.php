<?php

declare(strict_types=1);

namespace Daybright\Ready;

use Daybright\Lesson\Fields;

/** What mends a finding in one press: values put into the lesson, one after another. */
final readonly class Remedy
{
    /**
     * @param  string  $label of the button, such as “Give it 3 minutes”
     * @param  list<array{slide: string|null, block: string|null, path: string, value: mixed}>  $changes the path is of a field of the
     *     block, of the slide where no block is named, or of the lesson; a last “-” is the end of a list
     */
    private function __construct(public string $label, public array $changes)
    {
    }

    public static function called(string $label): self
    {
        return new self($label, []);
    }

    public function inLesson(string $path, mixed $value): self
    {
        return $this->with(null, null, $path, $value);
    }

    public function inSlide(string $slide, string $path, mixed $value): self
    {
        return $this->with($slide, null, $path, $value);
    }

    public function inBlock(string $slide, string $block, string $path, mixed $value): self
    {
        return $this->with($slide, $block, $path, $value);
    }

    public static function read(Fields $remedy): self
    {
        return new self($remedy->text('label'), array_map(static fn (Fields $change): array => [
            'slide' => $change->optionalText('slide'),
            'block' => $change->optionalText('block'),
            'path' => $change->text('path'),
            'value' => $change->named()['value'] ?? null,
        ], $remedy->list('changes')));
    }

    private function with(?string $slide, ?string $block, string $path, mixed $value): self
    {
        return new self($this->label, [...$this->changes, ['slide' => $slide, 'block' => $block, 'path' => $path, 'value' => $value]]);
    }
}
