<?php

declare(strict_types=1);

namespace Tests\App;

use App\Media\MediaStore;
use App\Models\Lesson;

/** Side slides, from the spot of a map to the student's page. */
class SideSlideTest extends TestCase
{
    public function test_a_programme_holds_the_side_slides_that_it_leads_to_and_no_others(): void
    {
        $slides = $this->getJson("/api/lessons/{$this->lessonWithMap()->id}/programme")->assertOk()->json('slides');
        $this->assertEqualsCanonicalizing(['measure', 'boat', 'oar'], array_keys($slides));
        $this->assertSame(['boat'], array_column($slides['measure']['links'], 'slide'), 'a spot that leads nowhere is no way on');
        $this->assertSame(['1. the boat'], array_column($slides['measure']['links'], 'label'));
        $this->assertSame([1], array_column($slides['measure']['links'], 'step'), 'it is no way on before it shows');
        $this->assertSame(['oar'], array_column($slides['boat']['links'], 'slide'));
    }

    public function test_what_is_told_of_a_side_slide_comes_with_it_and_of_no_other_slide(): void
    {
        $slides = $this->getJson("/api/lessons/{$this->lessonWithMap()->id}/programme")->json('slides');
        $this->assertTrue($slides['boat']['side']);
        $this->assertSame(['It is made of oak.', 'Two people row it.'], $slides['boat']['script']);
        $this->assertFalse($slides['measure']['side']);
        $this->assertSame([], $slides['measure']['script']);
    }

    public function test_places_to_touch_lie_on_the_slide(): void
    {
        $slides = $this->getJson("/api/lessons/{$this->lessonWithMap()->id}/programme")->json('slides');
        foreach ($slides['measure']['links'][0]['areas'] as [$x, $y, $width, $height]) {
            $this->assertGreaterThan(0, $x);
            $this->assertGreaterThan(0, $y);
            $this->assertLessThanOrEqual(1600, $x + $width);
            $this->assertLessThanOrEqual(900, $y + $height);
            $this->assertGreaterThan(20, min($width, $height));
        }
    }

    public function test_the_ready_check_names_the_side_slide_that_is_out_of_reach_and_the_lost_spot(): void
    {
        $findings = $this->getJson("/api/lessons/{$this->lessonWithMap()->id}/ready")->assertOk()->json('findings');
        $found = array_filter($findings, static fn (array $finding): bool => $finding['rule'] === 'side-slide-out-of-reach');
        $this->assertEqualsCanonicalizing(['measure', 'lonely'], array_column($found, 'slide'));
    }

    /** A map on the first slide leads to “boat” at its second step, and that to “oar”; “lonely” is led to by nothing. */
    private function lessonWithMap(): Lesson
    {
        $rowan = $this->teacher();
        $this->actingAs($rowan);
        $medium = app(MediaStore::class)->bringIn($rowan, database_path('demo/sundial.svg'), 'sundial.svg');
        $document = ['media' => ['dial' => $medium + [
            'description' => 'A sundial',
            'credit' => '',
            'licence' => 'own',
        ]]] + self::document();
        $map = static fn (string $slide, array $spots): array => [
            'id' => "{$slide}-map",
            'kind' => 'figure',
            'region' => 'main',
            'step' => "{$slide}-1",
            'reveals' => ['spot-1' => "{$slide}-2"],
            'content' => ['figure' => 'picture-map', 'quantities' => ['picture' => 'dial', 'spots' => $spots]],
        ];
        $spot = static fn (string $name, string $slide, float $x): array => ['name' => $name, 'x' => $x, 'y' => 0.5, 'slide' => $slide];
        $first = &$document['parts'][0]['slides'][0];
        $first['blocks'] = [$map('measure', [$spot('the boat', 'boat', 0.3), $spot('the shore', '', 0.6), $spot('the sea', 'gone', 0.9)])];
        $side = static fn (string $id, array $blocks): array => [
            'id' => $id,
            'side' => true,
            'title' => $id,
            'steps' => [
                ['id' => "{$id}-1", 'script' => 'It is made of oak.', 'pause' => 0],
                ['id' => "{$id}-2", 'script' => 'Two people row it.', 'pause' => 0],
            ],
            'blocks' => $blocks,
        ] + $first;
        array_push(
            $document['parts'][0]['slides'],
            $side('boat', [$map('boat', [$spot('the oar', 'oar', 0.2)])]),
            $side('oar', []),
            $side('lonely', []),
        );
        $lesson = $this->lesson($rowan, $document);
        $this->take($lesson, 'measure', 1);

        return $lesson;
    }
}
