<?php

declare(strict_types=1);

namespace App\Replies;

use App\Lessons\BlankLesson;
use App\Lessons\LessonDocument;
use App\Lessons\LessonSchema;
use App\Lessons\LessonStore;
use App\Models\Lesson;
use App\Models\Share;
use Daybright\Deck\ShapeSlide;
use Daybright\Lesson\PartKind;
use Daybright\Question\VariedQuestion;
use Daybright\Watching\SpacedRetrieval;
use DomainException;
use stdClass;

/**
 * Makes the opening questions of the next lesson: of the weakest aim of this one, and of those of lessons further back, so that what
 * was learned is asked for again at growing distances.
 */
final class NextOpening
{
    /** Questions that an opening has room for stand behind its first slide. */
    private const BEHIND = 1;

    public function __construct(private readonly LessonStore $store, private readonly LessonSchema $schema)
    {
    }

    /** @return array{lesson: string, title: string, asked: list<string>} the next lesson, and the aims that its opening asks about now */
    public function make(Share $share): array
    {
        $next = self::next($share->lesson);
        $document = $next->document();
        $slides = $asked = [];
        foreach (SpacedRetrieval::from(self::upTo($share)) as $earlier) {
            $weakest = WeakestAim::of($earlier);
            $id = 'again-'.substr($earlier->lesson_id, 0, 12);
            $slide = $weakest === null || $document->read()->slide($id) !== null ? null : self::slide($weakest, $id);
            if ($slide !== null) {
                $slides[] = $slide;
                $asked[] = $weakest->aim->text;
            }
        }
        if ($slides !== []) {
            $asking = self::with($document, $slides);
            $this->schema->check($asking);
            $this->store->save($next, $asking, $next->version);
        } elseif (WeakestAim::of($share) === null) {
            throw new DomainException(
                'Nothing that serves an aim of this lesson is marked yet. Mark the answers first, or choose for the slides which aims they serve.',
            );
        }

        return ['lesson' => $next->id, 'title' => $next->title, 'asked' => $asked];
    }

    private static function next(Lesson $lesson): Lesson
    {
        $next = $lesson->series_id === null ? null : Lesson::query()
            ->where('series_id', $lesson->series_id)
            ->whereNull('put_away_at')
            ->where('place', '>', $lesson->place)
            ->orderBy('place')
            ->first();

        return $next ?? throw new DomainException('There is no lesson after this one in its series. Add the next lesson on Home, then come back.');
    }

    /** @return list<Share> of the lessons of the series that the class had up to this one, in their order */
    private static function upTo(Share $share): array
    {
        return array_values(Share::query()->with(['lesson', 'release', 'classroom.students', 'visits.student', 'visits.answers'])
            ->where('classroom_id', $share->classroom_id)
            ->whereHas('lesson', static fn ($lesson) => $lesson
                ->where('series_id', $share->lesson->series_id)
                ->where('place', '<=', $share->lesson->place))
            ->get()
            ->sortBy('lesson.place')
            ->all());
    }

    /** @return array<string, mixed>|null null where nothing can be asked about the aim */
    private static function slide(WeakestAim $weakest, string $id): ?array
    {
        $another = $weakest->anotherItem(crc32($id));
        $hardest = $another === null ? $weakest->hardestQuestion() : null;
        if ($another === null && $hardest === null) {
            return null;
        }
        $question = $another === null ? $hardest->content->raw() : VariedQuestion::typed($another->item);
        $slide = BlankLesson::shaped(ShapeSlide::in(PartKind::Opening, 'From an earlier lesson')->asking($question));
        $slide['id'] = $id;
        $slide['steps'][0]['script'] = "Before we begin: {$question['prompt']} Stop the lesson and try.";
        if (isset($slide['steps'][1])) {
            $slide['steps'][1]['script'] = 'Compare your answer with this one.';
        }
        if ($another?->figure !== null) {
            $slide['blocks'][] = [
                'id' => BlankLesson::id('block'),
                'kind' => 'figure',
                'region' => 'main',
                'step' => end($slide['steps'])['id'],
                'reveals' => new stdClass,
                'content' => ['figure' => $another->figure, 'quantities' => $another->item->quantities],
            ];
        }

        return $slide;
    }

    /** @param  list<array<string, mixed>>  $slides */
    private static function with(LessonDocument $document, array $slides): LessonDocument
    {
        $changed = $document->jsonSerialize();
        foreach ($changed->parts as $part) {
            if ($part->kind === PartKind::Opening->value) {
                array_splice($part->slides, min(self::BEHIND, count($part->slides)), 0, $slides);

                return LessonDocument::from($changed);
            }
        }
        array_unshift($changed->parts, (object) ['id' => BlankLesson::id('part'), 'kind' => PartKind::Opening->value, 'slides' => $slides]);

        return LessonDocument::from($changed);
    }
}
