<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Handout\Handout;
use Daybright\Lesson\Fields;
use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\Slide;
use Daybright\Ready\SlideReport;
use Daybright\Scene\FormulasAway;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Each slide is painted and checked once, and that serves saving, opening and the ready check for as long as the slide stays as it is. */
final class PaintedSlides
{
    public function __construct(private readonly LessonView $view, private readonly KeptCompositions $compositions)
    {
    }

    /** @var array<string, PaintedSlide> painted and not kept yet, by hash */
    private array $pending = [];

    /**
     * What the rooms show of slides, painted now where it is not kept yet. Whoever asks keeps what was painted (keep): then each is
     * checked, too.
     *
     * @param  list<Slide>  $slides of the document
     * @return array<string, string> JSON by slide id
     *
     * @throws InvalidLesson when one of them cannot be drawn
     * @throws FormulasAway
     */
    public function views(LessonDocument $document, array $slides): array
    {
        $hashes = $this->hashes($document, $slides);
        $kept = self::table()->whereIn('hash', array_values($hashes))->pluck('view', 'hash');

        return $this->each(
            $slides,
            $hashes,
            $kept,
            fn (Slide $slide): string => $this->painted($document, $slide, $hashes[$slide->id])->view,
        );
    }

    /**
     * The same, and a slide of an older lesson that cannot be drawn says so in its place.
     *
     * @param  list<Slide>  $slides
     * @return array<string, string>
     */
    public function viewsOrTroubles(LessonDocument $document, array $slides): array
    {
        $hashes = $this->hashes($document, $slides);
        $kept = self::table()->whereIn('hash', array_values($hashes))->pluck('view', 'hash');

        $views = $this->each($slides, $hashes, $kept, function (Slide $slide) use ($document, $hashes): string {
            try {
                return $this->painted($document, $slide, $hashes[$slide->id])->view;
            } catch (InvalidLesson|FormulasAway $trouble) {
                return self::json($this->view->trouble($slide, $trouble->getMessage()));
            }
        });
        $this->keep();

        return $views;
    }

    /**
     * What was painted and not kept yet is kept, too.
     *
     * @return array<string, SlideReport> what the ready check finds on each slide alone, by slide id
     */
    public function reports(LessonDocument $document): array
    {
        $slides = $document->read()->slides();
        $hashes = $this->hashes($document, $slides);
        $kept = self::table()->whereIn('hash', array_values($hashes))->pluck('report', 'hash');
        $reports = [];
        try {
            foreach ($slides as $slide) {
                $hash = $hashes[$slide->id];
                $reports[$slide->id] = isset($kept[$hash])
                    ? SlideReport::read(new Fields(json_decode($kept[$hash], true, flags: JSON_THROW_ON_ERROR)))
                    : $this->painted($document, $slide, $hash)->report();
            }
        } finally {
            // One slide of an older lesson that cannot be drawn does not have the others painted again and again.
            $this->keep();
        }

        return $reports;
    }

    /** A store of results, and of nothing that is a thing of its own. */
    public static function table(): Builder
    {
        return DB::table('painted_slides');
    }

    /** Keeps all that was painted, in one statement; where the disk is full it is painted again the next time. */
    public function keep(): void
    {
        $slides = array_values(array_map(static fn (PaintedSlide $painted): array => self::row(
            $painted->hash,
            $painted->view,
            $painted->report()->toArray(),
        ), $this->pending));
        foreach (array_chunk([...$slides, ...$this->compositions->handOver()], 50) as $rows) {
            rescue(static fn (): int => self::table()->insertOrIgnore($rows));
        }
        $this->pending = [];
    }

    /** @return array<int, string> as Handout::troubles gives them */
    public function practiceTroubles(LessonDocument $document): array
    {
        $sets = $document->array()['handout'] ?? [];
        if ($sets === []) {
            return [];
        }
        $hash = hash('sha256', self::json([config('daybright.edition'), 'handout', $sets]));
        $kept = self::table()->where('hash', $hash)->value('report');
        if (is_string($kept)) {
            return json_decode($kept, true, flags: JSON_THROW_ON_ERROR);
        }
        $troubles = Handout::troubles($document->read());
        rescue(static fn (): int => self::table()->insertOrIgnore(self::row($hash, '', $troubles)));

        return $troubles;
    }

    /**
     * @param  list<Slide>  $slides
     * @param  array<string, string>  $hashes
     * @param  Collection<string, string>  $kept
     * @param  callable(Slide): string  $make
     * @return array<string, string>
     */
    private function each(array $slides, array $hashes, Collection $kept, callable $make): array
    {
        $all = [];
        foreach ($slides as $slide) {
            $all[$slide->id] = $kept[$hashes[$slide->id]] ?? $make($slide);
        }

        return $all;
    }

    private function painted(LessonDocument $document, Slide $slide, string $hash): PaintedSlide
    {
        return $this->pending[$hash] ??= $this->paint($document, $slide, $hash);
    }

    private function paint(LessonDocument $document, Slide $slide, string $hash): PaintedSlide
    {
        $lesson = $document->read();
        [$scene, $view] = $this->view->painted($lesson, $slide);

        return new PaintedSlide($hash, self::json($view), $lesson, $slide, $scene);
    }

    /**
     * @param  array<mixed>  $report
     * @return array<string, mixed>
     */
    private static function row(string $hash, string $view, array $report): array
    {
        return ['hash' => $hash, 'view' => $view, 'report' => self::json($report), 'created_at' => now()];
    }

    /**
     * All that a slide's picture and its findings depend on.
     *
     * @param  list<Slide>  $slides
     * @return array<string, string> by slide id
     */
    private function hashes(LessonDocument $document, array $slides): array
    {
        $wanted = array_flip(array_map(static fn (Slide $slide): string => $slide->id, $slides));
        $lesson = $document->array();
        $around = [config('daybright.edition'), $lesson['typeface'] ?? null, $lesson['look'] ?? null, $lesson['readingYear'] ?? null];
        $hashes = [];
        foreach ($lesson['parts'] as $part) {
            foreach ($part['slides'] as $slide) {
                if (isset($wanted[$slide['id']])) {
                    $json = self::json($slide);
                    $pictures = array_filter(
                        $lesson['media'],
                        static fn (string $id): bool => str_contains($json, "\"{$id}\""),
                        ARRAY_FILTER_USE_KEY,
                    );
                    $hashes[$slide['id']] = hash('sha256', self::json([...$around, $part['kind'], $pictures]).$json);
                }
            }
        }

        return $hashes;
    }

    /** @param  array<mixed>  $value */
    private static function json(array $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
