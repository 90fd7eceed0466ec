<?php

declare(strict_types=1);

namespace Tests\App;

use App\Formats\Handout\PrintChoice;
use App\Lessons\HandoutFile;
use App\Models\Lesson;
use App\Models\ReleaseState;
use App\Models\User;
use Daybright\Figure\Solid\Solid;
use Daybright\Figure\Variation;
use Daybright\Handout\Paper;
use Daybright\Lesson\Fields;
use Daybright\Worked\PracticeSet;
use DOMDocument;
use DOMElement;
use Illuminate\Support\Facades\Process;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Practice on paper, from the lesson to the printed page. */
class HandoutTest extends TestCase
{
    private const SET = [
        'id' => 'set-1',
        'title' => 'Boxes',
        'source' => 'figure',
        'maker' => 'solid',
        'quantities' => [],
        'seed' => 7,
        'count' => 2,
    ];

    public function test_the_pdf_holds_a4_pages_whose_words_can_be_searched(): void
    {
        $lesson = $this->lessonWith([self::SET]);
        $paper = $this->words($this->get("/api/lessons/{$lesson->id}/files/handout")->assertOk()->assertDownload());
        $key = $this->words($this->get("/api/lessons/{$lesson->id}/files/answers")->assertOk()->assertDownload());
        $this->assertStringContainsString('Boxes', $paper);
        $this->assertStringContainsString('set 7', $paper);
        foreach (PracticeSet::from(new Fields(self::set()))->items(2) as $item) {
            $this->assertStringContainsString(self::plain($item->prompt), $paper);
            $this->assertStringContainsString(self::plain(Variation::written($item->answer)), $key);
        }
        $this->assertMatchesRegularExpression('/Page size:\s+595\.\d+ x 841\.\d+ pts \(A4\)/', $this->told);
    }

    public function test_tasks_are_printed_with_room_and_their_answers_apart(): void
    {
        $lesson = $this->lessonWith([]);
        $paper = $this->words($this->get("/api/lessons/{$lesson->id}/files/handout")->assertOk());
        $this->assertStringContainsString('How long?', $paper);
        $this->assertStringContainsString('2 marks', $paper);
        $this->assertStringNotContainsString("41\u{A0}cm", $paper);
        $this->assertStringNotContainsString('The Sun was higher.', $paper);
        $letter = $this->get("/api/lessons/{$lesson->id}/files/handout?choose[paper]=letter&choose[slides]=all")->assertOk();
        $this->assertStringContainsString('How long?', $this->words($letter));
        $this->assertStringContainsString('(letter)', $this->told);
        $key = $this->words($this->get("/api/lessons/{$lesson->id}/files/answers")->assertOk());
        $this->assertStringContainsString('The Sun was higher.', $key);
    }

    public function test_paper_size_print_and_grays_are_as_chosen(): void
    {
        $lesson = $this->lessonWith([self::SET]);
        $handout = app(HandoutFile::class);
        $usual = ['slides' => 'tasks', 'paper' => 'a4', 'print' => 'usual', 'colour' => 'colour'];
        $pages = static fn (array $chosen): array => array_column(
            $handout->printed($lesson->read(), PrintChoice::of($chosen + $usual), false),
            'svg',
        );
        $colours = static function (array $pages): array {
            preg_match_all('/#[0-9A-F]{6}/i', implode('', $pages), $found);

            return array_values(array_unique(array_map(strtoupper(...), $found[0])));
        };
        $coloured = static fn (array $pages): array => preg_grep('/^#(..)\1\1$/', $colours($pages), PREG_GREP_INVERT) ?: [];
        $this->assertNotSame([], $coloured($pages([])));
        $this->assertSame([], $coloured($pages(['colour' => 'gray'])));
        $this->assertGreaterThan(count($pages([])), count($pages(['print' => 'large'])));
        $this->assertStringContainsString('viewBox="0 0 2159 2794"', $pages(['paper' => 'letter'])[0]);
        $pdf = HandoutFile::pdf($pages(['paper' => 'letter']), Paper::letter());
        $told = Process::run(['pdfinfo', $pdf])->throw()->output();
        $this->assertMatchesRegularExpression('/Page size:\s+612 x 792 pts \(letter\)/', $told);
    }

    public function test_a_screen_reader_reads_what_is_on_the_pages_and_no_answer(): void
    {
        $lesson = $this->lessonWith([self::SET]);
        $answer = $this->get("/api/lessons/{$lesson->id}/files/handout-page?choose[slides]=all")->assertOk()->assertDownload();
        $page = new DOMDocument;
        // The parser knows no HTML 5; what it does not know it takes as it is.
        @$page->loadHTML((string) file_get_contents(self::downloaded($answer)));
        $read = array_map(static fn (DOMElement $row): string => $row->textContent, iterator_to_array($page->getElementsByTagName('p')));
        $text = implode(' ', $read);
        $this->assertStringContainsString('How long?', $text);
        $this->assertStringNotContainsString("41\u{A0}cm", $text);
        foreach (PracticeSet::from(new Fields(self::set()))->items(1) as $item) {
            $this->assertStringContainsString(self::plain($item->prompt), self::plain($text));
        }
        $sheets = $page->getElementsByTagName('section');
        $this->assertCount($sheets->length, $page->getElementsByTagName('svg'));
        $this->assertSame("Page 1 of {$sheets->length}", $page->getElementsByTagName('h2')->item(0)?->textContent);
        $style = (string) $page->getElementsByTagName('style')->item(0)?->textContent;
        $this->assertStringContainsString('@page { margin: 0; size: 210mm 297mm }', $style);
    }

    public function test_the_room_sees_the_same_pages(): void
    {
        $lesson = $this->lessonWith([self::SET]);
        $pages = $this->getJson("/api/lessons/{$lesson->id}/handout")->assertOk()->json('pages');
        $this->assertStringContainsString('viewBox="0 0 2100 2970"', $pages[0]);
    }

    public function test_a_lesson_without_practice_says_what_to_do_and_an_impossible_set_what_is_wrong(): void
    {
        $bare = $this->lessonWith([]);
        $this->getJson("/api/lessons/{$bare->id}/handout")->assertOk()->assertJsonPath('pages', []);
        $empty = $this->lesson($bare->user, ['parts' => []] + self::document());
        $this->getJson("/api/lessons/{$empty->id}/files/handout")->assertStatus(422)->assertJsonPath(
            'detail',
            'There is nothing to print yet. Put a question on a slide, or a practice set on the handout, in the Storyboard.',
        );
        $odd = $this->lessonWith([['maker' => 'picture-map', 'quantities' => []] + self::SET, self::SET]);
        $answer = $this->getJson("/api/lessons/{$odd->id}/handout")
            ->assertOk()
            ->assertJsonPath('troubles.0', 'This figure has no question that could be asked with other numbers.');
        $this->assertCount(1, $answer->json('troubles'));
        $this->assertNotSame([], $answer->json('pages'));
        $found = $this->getJson("/api/lessons/{$odd->id}/ready")->assertOk()->json('findings');
        $this->assertContains('unfinished-practice', array_column($found, 'rule'));
        // A blank field that a teacher has not filled in yet is no reason to give the class nothing.
        $this->take($odd, 'measure', 1);
        $this->postJson("/api/lessons/{$odd->id}/releases")->assertCreated();
        $this->assertSame(ReleaseState::Ready, $odd->releases()->firstOrFail()->state);
    }

    public function test_students_get_the_handout_of_the_shared_version_and_never_the_answers(): void
    {
        $lesson = $this->lessonWith([self::SET]);
        $this->take($lesson, 'measure', 1);
        $heron = $this->classroom(User::query()->firstOrFail(), 'Ada');
        $this->postJson("/api/lessons/{$lesson->id}/releases")->assertCreated();
        $share = $this->putJson(
            "/api/lessons/{$lesson->id}/shares",
            ['classroom' => $heron->id, 'instructions' => '', 'due' => null],
        )->json('id');
        $printed = $this->words($this->get("/api/lessons/{$lesson->id}/files/handout")->assertOk());
        $this->assertStringContainsString('Class code: ABCD2345', $printed);
        $this->assertStringContainsString("/w/{$share}", $printed);
        $this->app['auth']->guard()->logout();
        $this->postJson('/api/watch/enter', ['code' => 'ABCD2345', 'student' => $heron->students()->firstOrFail()->id, 'word' => 'sun']);
        $address = $this->getJson("/api/watch/{$share}")->assertOk()->json('handout');
        $paper = $this->words($this->get($address.'?answers=1')->assertOk());
        $this->assertStringContainsString('Boxes', $paper);
        $this->assertStringContainsString('Answer', $paper);
        // Only under its own level: what one level asks for, another may tell.
        $first = strstr($paper, 'Level 2', true);
        foreach (PracticeSet::from(new Fields(self::set()))->items(1) as $item) {
            $this->assertStringNotContainsString(self::plain(Variation::written($item->answer)), (string) $first);
        }
        $this->get("/api/lessons/{$lesson->id}/files/answers")->assertUnauthorized();
    }

    public function test_the_shell_writes_both(): void
    {
        $lesson = $this->lessonWith([self::SET]);
        $to = sys_get_temp_dir().'/handout-'.$lesson->id.'.pdf';
        $this->artisan('lesson:export', ['lesson' => $lesson->id, '--as' => 'answers', '--to' => $to])->assertSuccessful();
        $this->assertStringStartsWith('%PDF', (string) file_get_contents($to));
        unlink($to);
        $empty = $this->lesson($lesson->user, ['parts' => []] + self::document());
        $this->artisan('lesson:export', ['lesson' => $empty->id, '--as' => 'handout', '--to' => $to])->assertFailed();
    }

    private string $told = '';

    /** @param  list<array<string, mixed>>  $sets */
    private function lessonWith(array $sets): Lesson
    {
        $teacher = User::query()->first() ?? $this->teacher();
        $this->actingAs($teacher);

        return $this->lesson(
            $teacher,
            ['handout' => array_map(
                static fn (array $set): array => ['quantities' => self::set()['quantities']] + $set,
                $sets,
            )] + self::document(),
        );
    }

    /** @return array<string, mixed> */
    private static function set(): array
    {
        return ['quantities' => Solid::blank()] + self::SET;
    }

    /** @param  TestResponse<Response>  $answer */
    private function words(TestResponse $answer): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'handout');
        copy(self::downloaded($answer), $path);
        $this->told = Process::run(['pdfinfo', $path])->throw()->output();
        $text = Process::run(['pdftotext', '-layout', $path, '-'])->throw()->output();
        unlink($path);

        return self::plain($text);
    }

    private static function plain(string $text): string
    {
        return (string) preg_replace('/[\s\x{00A0}\x{202F}]+/u', ' ', $text);
    }
}
