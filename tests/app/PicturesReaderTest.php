<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Files;
use App\Models\Lesson;
use App\Models\MediaFile;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use ZipArchive;

class PicturesReaderTest extends TestCase
{
    public function test_each_picture_of_a_zip_file_is_a_slide_in_the_order_of_their_names(): void
    {
        $answer = $this->bringIn([
            '10_the-end.png' => self::png(30, 20),
            '2 long_shadow.PNG' => self::png(40, 20),
            'folder/1.svg' => '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 4 3"/>',
            '__MACOSX/2.png' => 'x',
            'notes.txt' => 'hello',
        ])->assertCreated();
        $this->assertSame([], $answer->json('findings'));
        $lesson = Lesson::query()->findOrFail($answer->json('id'));
        $slides = array_values(array_filter($lesson->read()->slides(), static fn ($slide): bool => $slide->part->value === 'explain'));
        $this->assertSame(['Long shadow', 'The end', '1'], array_map(static fn ($slide): string => $slide->title, $slides));
        $this->assertSame('Sun pictures', $lesson->title);
        $this->assertSame(3, MediaFile::query()->count());
        // It can be opened, drawn and saved like any other.
        $opened = $this->getJson("/api/lessons/{$lesson->id}")->assertOk();
        $this->assertStringContainsString('<image', $opened->json("scenes.{$slides[0]->id}.svg"));
    }

    public function test_what_is_no_picture_is_left_out_and_named(): void
    {
        $answer = $this->bringIn(['1.png' => self::png(30, 20), '2.png' => 'no picture'])->assertCreated();
        $this->assertCount(1, $answer->json('findings'));
        $this->assertStringStartsWith('“2.png” was left out.', $answer->json('findings.0'));
    }

    public function test_a_zip_file_without_a_usable_picture_is_refused_and_leaves_nothing(): void
    {
        $this->bringIn(['2.png' => 'no picture'])->assertStatus(422);
        $this->bringIn(['notes.txt' => 'hello'])->assertStatus(422);
        $this->bringIn(array_fill_keys(
            array_map(static fn (int $number): string => "{$number}.png", range(1, 101)),
            'x',
        ))->assertStatus(422)->assertJsonPath('detail', 'This zip file holds 101 pictures. Put at most 100 into one lesson.');
        $this->assertSame([0, 0, []], [Lesson::query()->count(), MediaFile::query()->count(), Storage::allFiles()]);
    }

    /**
     * @param  array<string, string>  $entries
     * @return TestResponse<Response>
     */
    private function bringIn(array $entries): TestResponse
    {
        $path = Files::temporary('zip');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE);
        foreach ($entries as $name => $bytes) {
            $zip->addFromString($name, $bytes);
        }
        $zip->close();
        $teacher = \App\Models\User::query()->first() ?? $this->teacher();

        return $this->actingAs($teacher)->post(
            '/api/lessons/import',
            ['file' => new UploadedFile($path, 'sun_pictures.zip', null, null, true)],
            ['Accept' => 'application/json'],
        );
    }

    private static function png(int $width, int $height): string
    {
        ob_start();
        imagepng(imagecreatetruecolor($width, $height));

        return (string) ob_get_clean();
    }
}
