<?php

declare(strict_types=1);

namespace App\Lessons;

/** What a lesson waits for from its teacher, what is most pressing first. */
final class WaitingWork
{
    /**
     * @param  array<string, mixed>  $card of LessonCards
     * @return list<array<string, mixed>>
     */
    public static function list(array $card): array
    {
        $waits = [];
        $say = static fn (string $room, string $sentence): array => [
            'lesson' => $card['id'],
            'title' => $card['title'],
            'room' => $room,
            'sentence' => $sentence,
        ];
        if ($card['toMark'] > 0) {
            $waits[] = $say(
                'replies',
                $card['toMark'] === 1 ? '1 answer waits to be marked' : $card['toMark'].' answers wait to be marked',
            );
        }
        if ($card['unfinishedTakes'] > 0) {
            $waits[] = $say('record', 'A recording was broken off and can be kept');
        }
        if ($card['recorded'] < $card['slides']) {
            $left = $card['slides'] - $card['recorded'];
            $waits[] = $say('record', $left === 1 ? '1 slide to record' : $left.' slides to record');
        } elseif ($card['shared'] === [] && $card['slides'] > 0) {
            $waits[] = $say('share', 'Recorded, not shared yet');
        }

        return $waits;
    }
}
