<?php

declare(strict_types=1);

namespace App\Watching;

use App\Models\Moment;
use App\Models\MomentKind;
use App\Models\Visit;
use DomainException;

/** What a student asked, noted and told at moments of a lesson. */
final class VisitMoments
{
    /** Of one student in one lesson. */
    private const MOST = 200;

    /** @return array<string, mixed> */
    public static function keep(Visit $visit, string $id, MomentKind $kind, float $at, string $text): array
    {
        $kept = Moment::query()->find($id);
        if ($kept !== null) {
            abort_unless($kept->visit_id === $visit->id, 404);

            return self::one($kept);
        }
        if ($visit->moments()->count() >= self::MOST) {
            throw new DomainException('You have written as much as fits into one lesson. Take a note away first.');
        }
        $moment = (new Moment)->forceFill([
            'id' => $id,
            'visit_id' => $visit->id,
            'kind' => $kind,
            'at' => $at,
            'slide' => self::slide($visit, $at),
            'text' => $text,
        ]);
        $moment->save();

        return self::one($moment);
    }

    /** What the teacher has replied to stays. */
    public static function forget(Visit $visit, string $id): void
    {
        $visit->moments()->whereKey($id)->whereNull('reply')->delete();
    }

    /** @return list<array<string, mixed>> for the student, who knows where they went back */
    public static function shown(Visit $visit): array
    {
        return array_values($visit->moments
            ->filter(static fn (Moment $moment): bool => $moment->kind !== MomentKind::Back)
            ->map(self::one(...))
            ->all());
    }

    private static function slide(Visit $visit, float $at): string
    {
        $slide = '';
        foreach ($visit->share->version()->frozen()->chapters as $chapter) {
            if ($slide === '' || $chapter->at <= $at) {
                $slide = $chapter->slide;
            }
        }

        return $slide;
    }

    /** @return array<string, mixed> */
    public static function one(Moment $moment): array
    {
        return [
            'id' => $moment->id,
            'kind' => $moment->kind,
            'at' => $moment->at,
            'slide' => $moment->slide,
            'text' => $moment->text,
            'reply' => $moment->reply,
        ];
    }
}
