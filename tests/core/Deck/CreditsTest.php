<?php

declare(strict_types=1);

namespace Tests\Core\Deck;

use Daybright\Deck\Credits;
use Daybright\Lesson\Lesson;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class CreditsTest extends TestCase
{
    public function test_each_owner_is_named_once_with_what_is_theirs_and_under_which_licence(): void
    {
        $media = [];
        foreach ([
            'sun' => ['The Sun', 'A Museum', 'cc by'],
            'moon' => ['The Moon', 'A Museum', 'cc by'],
            'gate' => ['', 'Mina', 'own'],
            'unused' => ['A cloud', 'Nobody here', 'cc0'],
            'bare' => ['A stone', '', ''],
            'old' => ['A map', 'A library', 'public domain'],
        ] as $id => [$description, $credit, $licence]) {
            $media[$id] = [
                'name' => "{$id}.png", 'type' => 'image/png', 'sha256' => str_repeat('a', 64), 'width' => 4, 'height' => 3,
                'description' => $description, 'credit' => $credit, 'licence' => $licence,
            ];
        }
        $picture = static fn (string $id): array => Slides::block("block-{$id}", 'picture', ['medium' => $id, 'caption' => '']);
        $term = Slides::block('term', 'term', ['word' => 'moon', 'meaning' => '', 'picture' => 'moon']);
        $document = Slides::document([$picture('sun'), $term, $picture('gate'), $picture('bare'), $picture('old')]);
        self::assertSame(
            ['The Sun, The Moon: A Museum, CC BY', 'gate: Mina', 'A map: A library, public domain'],
            Credits::of(Lesson::from(['media' => $media] + $document)),
        );
    }
}
