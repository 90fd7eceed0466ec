<?php

declare(strict_types=1);

namespace Daybright\Watching;

use DOMDocument;
use DOMElement;

/**
 * The programme of a release as far as a student may know it: nothing that is told or shown behind a question before it is answered,
 * and nothing that follows a question of the exit check on its slide before the check is handed in.
 *
 * @phpstan-type Stretch array{float, float}
 */
final readonly class SealedProgramme
{
    /** @param  list<Stretch>  $sealed stretches of narration in milliseconds, half-open */
    private function __construct(private array $sealed)
    {
    }

    /**
     * @param  array<string, mixed>  $programme as a release keeps it
     * @param  list<string>  $answered blocks whose question this student has answered
     * @return array<string, mixed> of the same shape; a question that is still far off is told by “sealed”
     */
    public static function of(array $programme, array $answered, bool $handedIn): array
    {
        /** @var list<array{at: float|int, block: string, slide: string, exitCheck: bool, question: array<mixed>|null, prompt: string}> $pauses */
        $pauses = $programme['pauses'];
        /** @var list<array{at: float|int, until: float|int, slide: string}> $chapters */
        $chapters = $programme['chapters'];
        $sealed = [];
        $open = null;
        foreach ($pauses as $pause) {
            if ($pause['question'] === null || $open !== null) {
                continue;
            }
            if (! in_array($pause['block'], $answered, true)) {
                $open = $pause['block'];
                $sealed[] = [(float) $pause['at'], INF];
            } elseif ($pause['exitCheck'] && ! $handedIn) {
                $sealed[] = [(float) $pause['at'], self::until($pause, $pauses, $chapters)];
            }
        }

        return (new self($sealed))->seen($programme, $pauses, $open);
    }

    /**
     * What follows a question ends with the next question on its slide, or with the slide.
     *
     * @param  array{at: float|int, slide: string, block: string}  $pause
     * @param  list<array{at: float|int, slide: string}>  $pauses
     * @param  list<array{at: float|int, until: float|int, slide: string}>  $chapters
     */
    private static function until(array $pause, array $pauses, array $chapters): float
    {
        $ends = [];
        foreach ($chapters as $chapter) {
            if ($chapter['slide'] === $pause['slide'] && $chapter['until'] >= $pause['at']) {
                $ends[] = (float) $chapter['until'];
            }
        }
        foreach ($pauses as $next) {
            if ($next['slide'] === $pause['slide'] && $next['at'] > $pause['at']) {
                $ends[] = (float) $next['at'];
            }
        }

        return $ends === [] ? (float) $pause['at'] : min($ends);
    }

    /**
     * @param  array<string, mixed>  $programme
     * @param  list<array{at: float|int, block: string, question: array<mixed>|null, prompt: string}>  $pauses
     * @return array<string, mixed>
     */
    private function seen(array $programme, array $pauses, ?string $open): array
    {
        foreach (['pictures', 'strokes', 'pointer'] as $kind) {
            $programme[$kind] = $this->before(self::items($programme, $kind), 'at');
        }
        $programme['captions'] = $this->before(self::items($programme, 'captions'), 'from');
        $programme['slides'] = self::slides(self::items($programme, 'slides'), $programme['pictures']);
        $isBehind = false;
        foreach ($pauses as $index => $pause) {
            if ($isBehind && $pause['question'] !== null) {
                $pauses[$index] = ['question' => null, 'prompt' => '', 'sealed' => true] + $pause;
            }
            $isBehind = $isBehind || $pause['block'] === $open;
        }
        $programme['pauses'] = $pauses;
        $programme['sealed'] = array_map(static fn (array $stretch): array => [$stretch[0], is_finite($stretch[1]) ? $stretch[1] : null], $this->sealed);

        return $programme;
    }

    /**
     * @param  array<string, mixed>  $programme
     * @return array<array-key, array<string, mixed>>
     */
    private static function items(array $programme, string $name): array
    {
        /** @var array<array-key, array<string, mixed>> */
        return is_array($programme[$name] ?? null) ? $programme[$name] : [];
    }

    /**
     * @param  array<array-key, array<string, mixed>>  $items
     * @return list<array<string, mixed>>
     */
    private function before(array $items, string $time): array
    {
        return array_values(array_filter($items, fn (array $item): bool => ! $this->isSealed(is_numeric($item[$time]) ? (float) $item[$time] : INF)));
    }

    private function isSealed(float $at): bool
    {
        foreach ($this->sealed as [$from, $to]) {
            // A picture that comes with the very end of a pause comes after it.
            if ($at >= $from - 0.5 && $at < $to - 0.5) {
                return true;
            }
        }

        return false;
    }

    /**
     * Each slide with what has been shown of it, and side slides as far as something seen leads to them.
     *
     * @param  array<array-key, array<string, mixed>>  $slides
     * @param  list<array<string, mixed>>  $pictures
     * @return array<string, array<string, mixed>>
     */
    private static function slides(array $slides, array $pictures): array
    {
        $reached = [];
        foreach ($pictures as $picture) {
            if (is_string($picture['slide']) && is_int($picture['step'])) {
                $reached[$picture['slide']] = max($reached[$picture['slide']] ?? 0, $picture['step']);
            }
        }
        $waiting = array_keys($reached);
        while (($id = array_pop($waiting)) !== null) {
            $links = $slides[$id]['links'] ?? [];
            foreach (is_array($links) ? $links : [] as $link) {
                if (is_array($link) && is_string($link['slide']) && $link['step'] <= $reached[$id] && ! isset($reached[$link['slide']]) && isset($slides[$link['slide']])) {
                    $steps = $slides[$link['slide']]['steps'];
                    $reached[$link['slide']] = is_array($steps) ? max(0, count($steps) - 1) : 0;
                    $waiting[] = $link['slide'];
                }
            }
        }
        $seen = [];
        foreach (array_intersect_key($slides, $reached) as $id => $slide) {
            $seen[(string) $id] = self::upTo($slide, $reached[$id]);
        }

        return $seen;
    }

    /**
     * @param  array<string, mixed>  $slide
     * @return array<string, mixed>
     */
    private static function upTo(array $slide, int $step): array
    {
        $steps = is_array($slide['steps']) ? $slide['steps'] : [];
        if ($step >= count($steps) - 1) {
            return $slide;
        }
        $later = array_slice($steps, $step + 1);
        $slide['svg'] = self::without(is_string($slide['svg']) ? $slide['svg'] : '', $later);
        $slide['descriptions'] = array_slice(is_array($slide['descriptions']) ? $slide['descriptions'] : [], 0, $step + 1);
        $slide['links'] = array_values(array_filter(is_array($slide['links'] ?? null) ? $slide['links'] : [], static fn (mixed $link): bool => is_array($link) && $link['step'] <= $step));

        return $slide;
    }

    /**
     * @param  array<mixed>  $later ids of steps
     */
    private static function without(string $svg, array $later): string
    {
        $document = new DOMDocument;
        if (! $document->loadXML($svg, LIBXML_NONET | LIBXML_PARSEHUGE) || $document->documentElement === null) {
            return '';
        }
        foreach (iterator_to_array($document->documentElement->childNodes) as $group) {
            if ($group instanceof DOMElement && in_array($group->getAttribute('data-step'), $later, true)) {
                $document->documentElement->removeChild($group);
            }
        }

        return (string) $document->saveXML($document->documentElement);
    }
}
