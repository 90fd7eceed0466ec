<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Models\Answer;
use App\Models\Classroom;
use App\Models\Lesson;
use App\Watching\AnswerFile;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use ZipArchive;

/** Answers that are spoken or drawn, from the student's page to the teacher. */
class AnswerFileTest extends TestCase
{
    private Lesson $made;

    private Classroom $heron;

    private string $share;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($rowan = $this->teacher());
        $document = self::document();
        $ask = static function (array &$document, int $part, string $type): void {
            $content = &$document['parts'][$part]['slides'][0]['blocks'][0]['content'];
            $content = ['type' => $type, 'prompt' => 'Say or draw it.', 'marks' => 2, 'value' => 'The shadow grows.', 'seconds' => 4];
        };
        $ask($document, 0, 'spoken');
        $ask($document, 1, 'drawn');
        $this->made = $this->lesson($rowan, $document);
        $this->take($this->made, 'measure', 2);
        $this->take($this->made, 'why', 2);
        $this->heron = $this->classroom($rowan, 'Ada', 'Bram');
        $this->postJson("/api/lessons/{$this->made->id}/releases")->assertCreated();
        $this->share = $this->putJson("/api/lessons/{$this->made->id}/shares", ['classroom' => $this->heron->id])->json('id');
        $this->app['auth']->guard()->logout();
        $this->enter('Ada');
    }

    public function test_a_spoken_answer_is_kept_as_sound_alone_and_heard_by_the_student_and_the_teacher(): void
    {
        $this->getJson("/api/watch/{$this->share}")->assertJsonPath('pauses.0.question.file', 'sound');
        $this->putJson("/api/watch/{$this->share}/answers/measure-question", ['given' => 'words'])
            ->assertStatus(422)->assertJsonPath('detail', 'Record your answer first.');
        $given = $this->send('measure-question', self::sound(4, 'webm'))->assertOk()->json();
        $this->assertSame('a recording of 4 seconds', $given['readable']);
        $this->assertSame('The shadow grows.', $given['model']);
        $heard = $this->get($given['file'])->assertOk()->assertHeader('Content-Type', 'audio/mp4');
        $this->assertInstanceOf(\Symfony\Component\HttpFoundation\BinaryFileResponse::class, $heard->baseResponse);
        $path = $heard->baseResponse->getFile()->getPathname();
        $length = (float) Program::run('ffprobe', ['-v', 'error', '-show_entries', 'format=duration', '-of', 'csv=p=0', $path]);
        $this->assertEqualsWithDelta(4, $length, 0.1);

        $this->enter('Bram');
        $this->get($given['file'])->assertNotFound();
        $this->send('measure-question', self::sound(4, 'webm'))->assertOk();
        $reply = $this->actingAs($this->made->user)->getJson("/api/lessons/{$this->made->id}/replies")->json('classes.0.questions.0');
        $this->assertSame('sound', $reply['file']);
        // Two recordings that are equally long are not the same words.
        $this->assertSame(['single', 'single'], array_column($reply['together'], 'likeness'));
        $this->get($reply['answers'][0]['file'])->assertOk();
        $this->actingAs($this->teacher('Pell'))->get($reply['answers'][0]['file'])->assertNotFound();
    }

    public function test_what_is_no_recording_or_too_long_is_refused_with_what_to_do(): void
    {
        $this->send('measure-question', UploadedFile::fake()->createWithContent('a.webm', '#EXTM3U'))->assertStatus(422);
        $broken = "\x1A\x45\xDF\xA3".str_repeat("\0", 400);
        $this->send('measure-question', UploadedFile::fake()->createWithContent('a.webm', $broken))->assertStatus(422);
        $this->send('measure-question', self::sound(70, 'webm'))
            ->assertStatus(422)->assertJsonPath('detail', 'An answer may take a minute. Record it again, a little shorter.');
        $this->assertSame(0, Answer::query()->count());
    }

    public function test_a_photo_of_paper_work_is_written_anew_and_a_drawing_that_could_do_something_is_no_photo(): void
    {
        $this->send('measure-question', self::sound(1, 'webm'));
        $place = "\xFF\xE1\x00\x10Exif\0\0 51.5 N\0";
        $jpeg = self::jpeg();
        $taken = UploadedFile::fake()->createWithContent('paper.jpg', substr($jpeg, 0, 2).$place.substr($jpeg, 2));
        $given = $this->send('why-question', $taken)->assertOk()->json();
        $this->assertArrayNotHasKey('model', $given);
        $bytes = (string) Storage::get((string) Answer::query()->where('block', 'why-question')->sole()->file);
        $this->assertStringNotContainsString('51.5 N', $bytes);
        $this->get($given['file'])->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $svg = UploadedFile::fake()->createWithContent('a.png', '<svg xmlns="http://www.w3.org/2000/svg"/>');
        $this->send('why-question', $svg)->assertStatus(422);
        $this->postJson("/api/watch/{$this->share}/exit-check", ['answers' => ['why-question' => 'typed']])->assertOk();
        $this->assertNotNull(Answer::query()->where('block', 'why-question')->sole()->file);
    }

    public function test_what_is_drawn_on_the_slide_is_kept_with_the_slide_under_it(): void
    {
        $this->send('measure-question', self::sound(1, 'webm'));
        $given = $this->send('why-question', self::drawing(false))->assertOk()->json();
        $bytes = (string) Storage::get((string) Answer::query()->where('block', 'why-question')->sole()->file);
        $kept = imagecreatefromstring($bytes) ?: self::fail('It cannot be opened.');
        $this->assertSame([1200, 675], [imagesx($kept), imagesy($kept)]);
        $colour = static fn (int $x, int $y): array => imagecolorsforindex($kept, (int) imagecolorat($kept, $x, $y));
        $this->assertSame(['red' => 179, 'green' => 38, 'blue' => 30, 'alpha' => 0], $colour(600, 300));
        // Paper is not white: it is the slide's own ground.
        $this->assertSame(['red' => 251, 'green' => 250, 'blue' => 246, 'alpha' => 0], $colour(5, 5));
        $this->get($given['file'])->assertOk()->assertHeader('Content-Type', 'image/png');
    }

    public function test_a_picture_with_paper_of_its_own_has_no_slide_under_it(): void
    {
        $this->send('measure-question', self::sound(1, 'webm'));
        $this->send('why-question', self::drawing(true))->assertOk();
        $bytes = (string) Storage::get((string) Answer::query()->where('block', 'why-question')->sole()->file);
        $kept = imagecreatefromstring($bytes) ?: self::fail('It cannot be opened.');
        $this->assertSame(0xFFFFFF, imagecolorat($kept, 5, 5));
    }

    /** A red line across a sheet as large as a slide. */
    private static function drawing(bool $onPaper): UploadedFile
    {
        $sheet = imagecreatetruecolor(1200, 675) ?: self::fail('No picture can be made here.');
        imagealphablending($sheet, false);
        imagesavealpha($sheet, true);
        imagefill($sheet, 0, 0, (int) imagecolorallocatealpha($sheet, 255, 255, 255, $onPaper ? 0 : 127));
        imagefilledrectangle($sheet, 100, 290, 1100, 310, (int) imagecolorallocate($sheet, 179, 38, 30));
        ob_start();
        imagepng($sheet);

        return UploadedFile::fake()->createWithContent('drawing.png', (string) ob_get_clean());
    }

    public function test_what_a_child_said_is_given_out_with_all_else_that_is_kept_of_it(): void
    {
        $this->send('measure-question', self::sound(1, 'webm'))->assertOk();
        $ada = $this->heron->students()->where('name', 'Ada')->sole();
        $zip = new ZipArchive;
        $zip->open(self::downloaded(
            $this->actingAs($this->made->user)->get("/api/classrooms/{$this->heron->id}/students/{$ada->id}/archive")->assertOk(),
        ));
        $kept = json_decode((string) $zip->getFromName('student.json'), true)['lessons'][0]['answers'][0];
        $this->assertSame(Storage::get($kept['file']), $zip->getFromName($kept['file']));
    }

    public function test_files_go_when_their_answers_are_gone(): void
    {
        $this->send('measure-question', self::sound(1, 'webm'));
        $kept = Storage::allFiles(AnswerFile::FOLDER);
        $this->travel(2)->days();
        $this->artisan('media:tidy');
        $this->assertSame($kept, Storage::allFiles(AnswerFile::FOLDER));
        Answer::query()->delete();
        $this->artisan('media:tidy');
        $this->assertSame([], Storage::allFiles(AnswerFile::FOLDER));
    }

    private function enter(string $name): void
    {
        $this->postJson('/api/watch/enter', [
            'code' => $this->heron->fresh()->code,
            'student' => $this->heron->students()->where('name', $name)->sole()->id,
            'word' => 'sun',
        ])->assertOk();
    }

    /** @return TestResponse<Response> */
    private function send(string $block, UploadedFile $file): TestResponse
    {
        return $this->post(
            "/api/watch/{$this->share}/answers/{$block}/file",
            ['file' => $file, 'hinted' => '0', 'seconds' => '9'],
            ['Accept' => 'application/json'],
        );
    }

    private static function sound(int $seconds, string $ending): UploadedFile
    {
        $path = Files::temporary($ending);
        Program::run('ffmpeg', ['-v', 'error', '-y', '-f', 'lavfi', '-i', "sine=330:duration={$seconds}", '-c:a', 'libopus', $path]);

        return UploadedFile::fake()->createWithContent("answer.{$ending}", (string) file_get_contents($path));
    }

    private static function jpeg(): string
    {
        ob_start();
        imagejpeg(imagecreatetruecolor(40, 30));

        return (string) ob_get_clean();
    }
}
