<?php

declare(strict_types=1);

namespace Daybright\Lesson;

/** Reads typed values out of decoded JSON, and remembers where it is for messages. */
final readonly class Fields
{
    /** @param  array<mixed>  $values */
    public function __construct(private array $values, public string $pointer = '')
    {
    }

    /** @throws InvalidLesson when it is missing and there is no default */
    public function text(string $name, ?string $default = null): string
    {
        $value = $this->values[$name] ?? $default ?? throw InvalidLesson::missing($this->at($name));

        return is_string($value) ? $value : throw InvalidLesson::wrongKind($this->at($name), 'a text');
    }

    public function optionalText(string $name): ?string
    {
        return isset($this->values[$name]) ? $this->text($name) : null;
    }

    public function number(string $name, ?float $default = null): float
    {
        $value = $this->values[$name] ?? $default ?? throw InvalidLesson::missing($this->at($name));

        return is_int($value) || is_float($value) ? (float) $value : throw InvalidLesson::wrongKind($this->at($name), 'a number');
    }

    public function optionalNumber(string $name): ?float
    {
        return isset($this->values[$name]) ? $this->number($name) : null;
    }

    public function whole(string $name, ?int $default = null): int
    {
        $value = $this->values[$name] ?? $default ?? throw InvalidLesson::missing($this->at($name));

        return is_int($value) ? $value : throw InvalidLesson::wrongKind($this->at($name), 'a whole number');
    }

    public function flag(string $name, bool $default = false): bool
    {
        $value = $this->values[$name] ?? $default;

        return is_bool($value) ? $value : throw InvalidLesson::wrongKind($this->at($name), 'yes or no');
    }

    public function fields(string $name): self
    {
        $value = $this->values[$name] ?? [];

        return is_array($value)
            ? new self($value, $this->at($name))
            : throw InvalidLesson::wrongKind($this->at($name), 'a group of fields');
    }

    /** @return list<self> */
    public function list(string $name): array
    {
        $items = [];
        foreach ($this->items($name) as $index => $item) {
            $items[] = is_array($item)
                ? new self($item, $this->at($name).'/'.$index)
                : throw InvalidLesson::wrongKind($this->at($name), 'a list of things');
        }

        return $items;
    }

    /** @return list<string> */
    public function texts(string $name): array
    {
        $items = [];
        foreach ($this->items($name) as $item) {
            $items[] = is_string($item) ? $item : throw InvalidLesson::wrongKind($this->at($name), 'a list of texts');
        }

        return $items;
    }

    /** @return list<list<string>> */
    public function rows(string $name): array
    {
        return array_map(
            fn (self $row, int $number): array => (new self(['row' => $row->values], $this->at("{$name}/{$number}")))->texts('row'),
            $this->list($name),
            array_keys($this->list($name)),
        );
    }

    /** @return array<string, string> */
    public function map(string $name): array
    {
        $map = [];
        foreach ($this->fields($name)->values as $key => $value) {
            $map[(string) $key] = is_string($value)
                ? $value
                : throw InvalidLesson::wrongKind($this->at($name), 'a list of names and texts');
        }

        return $map;
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->values));
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]) && $this->values[$name] !== '';
    }

    /** @return array<string, mixed> */
    public function named(): array
    {
        return array_combine($this->names(), array_values($this->values));
    }

    /** @return array<mixed> */
    public function raw(): array
    {
        return $this->values;
    }

    public function at(string $name): string
    {
        return $this->pointer.'/'.$name;
    }

    /** @return list<mixed> */
    private function items(string $name): array
    {
        $value = $this->values[$name] ?? [];

        return is_array($value) ? array_values($value) : throw InvalidLesson::wrongKind($this->at($name), 'a list');
    }
}
