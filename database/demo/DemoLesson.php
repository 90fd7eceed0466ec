<?php

declare(strict_types=1);

namespace Database\Demo;

/** Writes lesson documents shortly; ids follow from the slide's name, so that the demo is the same each time. */
final class DemoLesson
{
    /** @var array<string, list<array<string, mixed>>> slides by part */
    private array $parts = [];

    /** @param  array<string, mixed>  $plan */
    public function __construct(private readonly array $plan)
    {
    }

    /**
     * @param  list<string>  $aims
     * @param  list<string|array{string, float}>  $script a line a step; with seconds of pause after it
     * @param  list<array<string, mixed>>  $blocks
     */
    public function slide(
        string $part,
        string $name,
        string $title,
        string $arrangement,
        array $aims,
        array $script,
        array $blocks,
        bool $side = false,
    ): self {
        $steps = [];
        foreach ($script as $number => $line) {
            [$text, $pause] = is_array($line) ? $line : [$line, 0];
            $steps[] = ['id' => "{$name}-".($number + 1), 'script' => $text, 'pause' => $pause];
        }
        foreach ($blocks as $number => $block) {
            $blocks[$number]['id'] = "{$name}-block-".($number + 1);
            if (isset($block['source'])) {
                $blocks[$number]['source'] = "{$name}-block-{$block['source']}";
            }
            $blocks[$number]['step'] = "{$name}-".$block['step'];
            $blocks[$number]['reveals'] = (object) array_map(static fn (int $step): string => "{$name}-{$step}", $block['reveals']);
        }
        $this->parts[$part][] = [
            'id' => $name,
            'title' => $title,
            'side' => $side,
            'arrangement' => $arrangement,
            'aims' => $aims,
            'steps' => $steps,
            'blocks' => $blocks,
        ];

        return $this;
    }

    /**
     * @param  array<string, mixed>  $content
     * @param  array<string, int>  $reveals piece => step number
     * @return array<string, mixed>
     */
    public static function block(string $kind, array $content, int $step = 1, string $region = 'main', array $reveals = []): array
    {
        return ['kind' => $kind, 'region' => $region, 'step' => $step, 'reveals' => $reveals, 'content' => $content];
    }

    /**
     * Shows the numbers of another block of its slide, counted from 1.
     *
     * @param  array<string, mixed>  $block
     * @return array<string, mixed>
     */
    public static function fedBy(int $number, array $block): array
    {
        return ['source' => $number] + $block;
    }

    /**
     * @param  array<string, mixed>  $media
     * @return array<string, mixed>
     */
    public function document(array $media = []): array
    {
        $parts = [];
        foreach (['opening', 'aims', 'explain', 'example', 'your-turn', 'recap', 'exit-check', 'afterwards'] as $kind) {
            $parts[] = ['id' => "part-{$kind}", 'kind' => $kind, 'slides' => $this->parts[$kind] ?? []];
        }

        return ['format' => 'daybright-lesson', 'version' => 1, ...$this->plan, 'parts' => $parts, 'media' => (object) $media];
    }
}
