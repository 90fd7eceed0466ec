<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Share;
use Daybright\Release\Questions;

/** A lesson that is kept on a device: what lies there, and what is taken of what was done with it. */
class KeptLessonTest extends TestCase
{
    use AsAStudent;

    public function test_a_kept_lesson_is_sealed_stage_by_stage_and_opens_with_its_key(): void
    {
        $share = $this->share();
        $kept = $this->getJson("/api/watch/{$share}/kept")->assertOk()->json();
        $key = (string) base64_decode($kept['key']);

        $this->assertSame([[], ['measure-question']], array_slice(array_column($kept['stages'], 'answered'), 0, 2));
        $opened = array_map(
            static function (array $stage) use ($key): array {
                return json_decode((string) gzdecode(self::opened((string) base64_decode($stage['sealed']), $key)), true);
            },
            $kept['stages'],
        );
        $this->assertSame($this->getJson("/api/watch/{$share}")->json('captions'), $opened[0]['lesson']['captions']);
        $this->assertSame([], $opened[0]['models']);
        $this->assertNotSame('', $opened[1]['models']['measure-question']);
        $this->assertGreaterThan(count($opened[0]['lesson']['sounds']), count($opened[1]['lesson']['sounds']));

        // What comes over the line or lies on the device tells neither what is asked nor what is right.
        $bytes = '';
        foreach ($kept['files'] as $file) {
            $sealed = $this->get("/api/watch/{$share}/kept/files/{$file['reference']}")->assertOk()->streamedContent();
            $this->assertSame($file['bytes'], strlen($sealed));
            $named = json_decode(self::opened((string) base64_decode(strtr($file['reference'], '-_', '+/')), $key), true);
            $direct = $this->get($named['address']);
            $this->assertSame($file['stage'] === 0, $direct->isOk(), $named['address']);
            $bytes .= $sealed.$file['reference'];
        }
        $bytes .= implode('', array_map(static fn (array $stage): string => (string) base64_decode($stage['sealed']), $kept['stages']));
        foreach (Questions::in($this->made->read()) as $question) {
            $this->assertStringNotContainsString($question->answer(), $bytes);
        }
        $this->assertStringNotContainsString('sound.webm', $bytes);
    }

    public function test_a_lesson_is_kept_only_where_the_teacher_allows_it_and_only_with_its_own_references(): void
    {
        $share = $this->share();
        $reference = $this->getJson("/api/watch/{$share}/kept")->json('files.0.reference');
        $this->get("/api/watch/{$share}/kept/files/".strrev($reference))->assertNotFound();
        $this->enter('Bram');
        $this->get("/api/watch/{$share}/kept/files/{$reference}")->assertNotFound();
        Share::query()->whereKey($share)->update(['keeping' => 'no']);
        $this->getJson("/api/watch/{$share}/kept")->assertNotFound()
            ->assertJsonPath('detail', 'Your teacher has not allowed this lesson to be kept on a device.');
        $this->getJson('/api/watch/me')->assertJsonPath('lessons.0.mayKeep', false);
    }

    public function test_what_was_done_with_no_connection_is_taken_for_the_one_who_did_it_alone(): void
    {
        $share = $this->share();
        $ada = $this->heron->students()->where('name', 'Ada')->firstOrFail();
        $bram = $this->heron->students()->where('name', 'Bram')->firstOrFail();
        $this->putJson("/api/watch/{$share}/place", ['position' => 10], ['X-Student' => $bram->id])->assertUnauthorized();
        $this->putJson("/api/watch/{$share}/place", ['position' => 10], ['X-Student' => $ada->id])->assertNoContent();
    }

    /** Opens as a browser does: RFC 5116 names the parts. */
    private static function opened(string $sealed, string $key): string
    {
        return implode('', array_map(static fn (string $piece): string => (string) openssl_decrypt(
            substr($piece, 12, -16),
            'aes-256-gcm',
            $key,
            OPENSSL_RAW_DATA,
            substr($piece, 0, 12),
            substr($piece, -16),
        ), str_split($sealed, (1 << 18) + 28)));
    }
}
