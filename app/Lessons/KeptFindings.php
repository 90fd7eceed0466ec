<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\Lesson;
use App\Models\TakeState;
use Daybright\Ready\Finding;
use Daybright\Ready\LessonInspection;
use Daybright\Ready\ReadyCheck;
use Illuminate\Contracts\Container\Container;

/** What the ready check finds in a lesson, kept for as long as the lesson, its takes and the program stay as they are. */
final readonly class KeptFindings
{
    /** @param  Container  $container that gives the painter where something has to be painted: reading all letters takes a while */
    public function __construct(private Container $container)
    {
    }

    /** @return string JSON of the list that the room shows */
    public function of(Lesson $lesson): string
    {
        $kept = PaintedSlides::table()->where('hash', self::name($lesson))->first(['view', 'report']);

        return $kept?->view === self::madeFrom($lesson)
            ? $kept->report
            : $this->renew($lesson, $lesson->document(), $this->container->make(PaintedSlides::class));
    }

    /**
     * @param  PaintedSlides  $painted with what was just painted, which is kept, too
     * @return string as above
     */
    public function renew(Lesson $lesson, LessonDocument $document, PaintedSlides $painted): string
    {
        $madeFrom = self::madeFrom($lesson);
        $findings = self::find($lesson, $document, $painted);
        // In the place of a picture stands what they follow from.
        $row = ['hash' => self::name($lesson), 'view' => $madeFrom, 'report' => $findings, 'created_at' => now()];
        rescue(static fn (): int => PaintedSlides::table()->upsert([$row], ['hash']));

        return $findings;
    }

    private static function find(Lesson $lesson, LessonDocument $document, PaintedSlides $painted): string
    {
        $read = $document->read();
        $findings = ReadyCheck::findings(new LessonInspection(
            $read,
            $painted->reports($document),
            $lesson->recorded(),
            $painted->practiceTroubles($document),
        ));

        return json_encode(
            array_map(static fn (Finding $each): array => $each->told($read->setAside), $findings),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    private static function name(Lesson $lesson): string
    {
        return "findings {$lesson->id}";
    }

    /** All that the findings depend on. */
    private static function madeFrom(Lesson $lesson): string
    {
        $takes = $lesson->takes()->where('chosen', true)->where('state', TakeState::Ready)->toBase()->pluck('updated_at', 'id');

        return hash('sha256', json_encode([config('daybright.edition'), $lesson->version, $takes->sortKeys()], JSON_THROW_ON_ERROR));
    }
}
