<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Files;
use App\Media\MediaStore;
use App\Models\MediaFile;
use App\Models\PasswordLink;
use App\Models\User;
use App\School\Backup;
use App\School\Verification;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use ZipArchive;

/** Teachers, what is kept of children, and the school as a whole. */
class PeopleTest extends TestCase
{
    public function test_a_teacher_is_added_and_sets_a_password_once(): void
    {
        $token = $this->token('teacher:add', ['name' => 'Mina Oak', 'address' => 'Mina@Larkfield.example']);
        $this->getJson("/api/password-links/{$token}")
            ->assertOk()
            ->assertExactJson(['name' => 'Mina Oak', 'email' => 'mina@larkfield.example']);
        $this->postJson("/api/password-links/{$token}", ['password' => 'short'])->assertStatus(422)->assertJsonPath(
            'detail',
            'A password has at least ten signs. A few words in a row are easy to remember.',
        );
        $this->postJson("/api/password-links/{$token}", ['password' => 'three green herons'])->assertOk();
        $this->getJson('/api/me')->assertOk()->assertJsonPath('name', 'Mina Oak');
        $this->postJson("/api/password-links/{$token}", ['password' => 'somebody else did'])->assertNotFound();
        $this->postJson('/api/sign-out');
        $this->postJson('/api/sign-in', ['email' => ' MINA@larkfield.example', 'password' => 'three green herons'])->assertOk();
        $this->artisan('teacher:add', ['name' => 'Mina', 'address' => 'mina@larkfield.example'])->assertFailed();
        $this->artisan('teacher:add', ['name' => 'Mina', 'address' => 'no address'])->assertFailed();
        $this->artisan('teacher:list')->expectsOutputToContain('mina@larkfield.example')->assertSuccessful();
    }

    public function test_a_new_password_ends_the_sessions_of_the_old_one(): void
    {
        $mina = $this->teacher('Mina');
        $this->postJson('/api/sign-in', ['email' => 'mina@larkfield.example', 'password' => 'daybright'])->assertOk();
        $this->getJson('/api/home')->assertOk();
        $token = $this->token('teacher:reset', ['address' => 'mina@larkfield.example']);
        $older = $token;
        $token = $this->token('teacher:reset', ['address' => 'mina@larkfield.example']);
        $this->getJson("/api/password-links/{$older}")->assertNotFound();
        $this->assertStringNotContainsString($token, json_encode(PasswordLink::query()->get()));
        app(\App\Teachers\PasswordLinks::class)->use($token, 'three green herons');
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/home')->assertUnauthorized();
        $this->assertTrue(password_verify('three green herons', $mina->fresh()->password));
        $this->travel(8)->days();
        $this->getJson("/api/password-links/{$token}")->assertNotFound();
    }

    public function test_a_teacher_changes_name_and_password(): void
    {
        $this->actingAs($mina = $this->teacher('Mina'));
        $this->putJson('/api/account', ['name' => 'Mina Oak'])->assertOk()->assertJsonPath('name', 'Mina Oak');
        $this->putJson('/api/account/password', ['current' => 'wrong', 'password' => 'three green herons'])
            ->assertStatus(422)
            ->assertJsonPath('pointer', '/current');
        $this->putJson('/api/account/password', ['current' => 'daybright', 'password' => 'three green herons'])->assertOk();
        $this->getJson('/api/home')->assertOk();
        $this->assertTrue(password_verify('three green herons', $mina->fresh()->password));
    }

    public function test_known_and_unknown_addresses_cost_the_same_work(): void
    {
        $costs = [];
        foreach ([4, 6] as $cost) {
            config(['hashing.bcrypt.rounds' => $cost]);
            Hash::clearResolvedInstances();
            $this->app->forgetInstance('hash');
            User::factory()->create(['name' => "Mina {$cost}", 'email' => "mina{$cost}@larkfield.example"]);
            Hash::shouldReceive('check')->andReturnUsing(static function (string $given, string $hash) use (&$costs, $cost): bool {
                $costs[$cost][] = password_get_info($hash)['options']['cost'] ?? 0;

                return false;
            });
            foreach (["mina{$cost}@larkfield.example", 'nobody@larkfield.example'] as $address) {
                $this->postJson('/api/sign-in', ['email' => $address, 'password' => 'x'])->assertStatus(422);
            }
        }
        // One hash for each, of the same cost: the cost is all that such a hash takes time for.
        $this->assertSame([4 => [4, 4], 6 => [6, 6]], $costs);
    }

    public function test_a_stranger_cannot_keep_a_teacher_out(): void
    {
        $this->teacher('Mina');
        $try = fn (string $from, string $password) => $this->withServerVariables(['REMOTE_ADDR' => $from])
            ->postJson('/api/sign-in', ['email' => 'mina@larkfield.example', 'password' => $password]);
        for ($round = 0; $round < 10; $round++) {
            $try('10.0.0.1', "guess {$round}")->assertStatus(422);
        }
        $try('10.0.0.1', 'daybright')->assertStatus(429);
        $try('10.0.0.2', 'daybright')->assertOk();
    }

    public function test_a_session_ends_after_thirty_days_however_much_it_is_used(): void
    {
        $this->teacher('Mina');
        $this->postJson('/api/sign-in', ['email' => 'mina@larkfield.example', 'password' => 'daybright'])->assertOk();
        for ($day = 0; $day < 29; $day += 7) {
            $this->app['auth']->forgetGuards();
            $this->getJson('/api/home')->assertOk();
            $this->travel(7)->days();
        }
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/home')->assertUnauthorized();
    }

    public function test_cookies_and_pages_are_bound_to_tls_where_the_site_has_it(): void
    {
        $this->get('https://localhost/sign-in')->assertHeader('Strict-Transport-Security', 'max-age=31536000');
        $this->assertNull($this->get('http://localhost/sign-in')->headers->get('Strict-Transport-Security'));
        $settings = static function (string $url): bool {
            $_ENV['APP_URL'] = $_SERVER['APP_URL'] = $url;
            try {
                return (require config_path('session.php'))['secure'];
            } finally {
                unset($_ENV['APP_URL'], $_SERVER['APP_URL']);
            }
        };
        $this->assertSame([true, false], [$settings('https://lessons.school.example'), $settings('http://127.0.0.1:8000')]);
    }

    public function test_the_demo_is_not_loaded_where_people_work(): void
    {
        $this->app['env'] = 'production';
        $this->artisan('demo:load')->assertFailed();
        $this->assertSame(0, User::query()->count());
    }

    public function test_a_child_is_taken_out_as_a_file_and_erased(): void
    {
        $this->actingAs($rowan = $this->teacher());
        $lesson = $this->lesson($rowan);
        $this->take($lesson, 'measure', 1);
        $heron = $this->classroom($rowan, 'Ada', 'Bram');
        $this->postJson("/api/lessons/{$lesson->id}/releases");
        $share = $this->putJson("/api/lessons/{$lesson->id}/shares", ['classroom' => $heron->id])->json('id');
        $ada = $heron->students()->where('name', 'Ada')->firstOrFail();
        $this->postJson('/api/watch/enter', ['code' => 'ABCD2345', 'student' => $ada->id, 'word' => 'sun']);
        $this->putJson("/api/watch/{$share}/answers/measure-question", ['given' => '41 cm'])->assertOk();
        $file = self::downloaded(
            $this->actingAs($rowan)->get("/api/classrooms/{$heron->id}/students/{$ada->id}/archive")->assertOk()->assertDownload('Ada.zip'),
        );
        $zip = new ZipArchive;
        $zip->open($file);
        $kept = json_decode((string) $zip->getFromName('student.json'), true);
        $this->assertSame(
            ['Ada', '6 Heron', 'Shadows', '41 cm', 2],
            [
                $kept['name'],
                $kept['class'],
                $kept['lessons'][0]['title'],
                $kept['lessons'][0]['answers'][0]['given'],
                $kept['lessons'][0]['answers'][0]['earned'],
            ],
        );
        $this->deleteJson("/api/classrooms/{$heron->id}/students/{$ada->id}")->assertOk();
        foreach (['students' => 1, 'visits' => 0, 'answers' => 0] as $table => $left) {
            $this->assertSame($left, DB::table($table)->count(), $table);
        }
    }

    public function test_pictures_that_nothing_shows_go_after_a_day(): void
    {
        $this->actingAs($rowan = $this->teacher());
        $keep = fn (string $colour): string => app(MediaStore::class)->bringIn(
            $rowan,
            Files::temporaryWith(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 4 3\"><rect width=\"4\" height=\"3\" fill=\"{$colour}\"/></svg>",
                'svg',
            ),
            'x.svg',
        )['sha256'];
        [$shown, $unused] = [$keep('#111111'), $keep('#222222')];
        $this->lesson(
            $rowan,
            ['media' => (object) ['gate' => [
                'name' => 'g',
                'type' => 'image/svg+xml',
                'width' => 4,
                'height' => 3,
                'sha256' => $shown,
                'description' => '',
                'credit' => '',
                'licence' => '',
            ]]] + self::document(),
        );
        $this->artisan('media:tidy')->expectsOutput('Taken away: 0');
        $this->travel(25)->hours();
        $this->artisan('media:tidy')->expectsOutput('Taken away: 1');
        $this->assertSame([$shown], MediaFile::query()->pluck('sha256')->all());
        $this->assertTrue(Storage::exists(MediaFile::path('image/svg+xml', $shown)));
        $this->assertFalse(Storage::exists(MediaFile::path('image/svg+xml', $unused)));
    }

    public function test_the_log_of_a_database_error_holds_no_values(): void
    {
        $spy = Log::spy();
        $this->actingAs($rowan = $this->teacher());
        DB::statement('ALTER TABLE classrooms RENAME TO elsewhere');
        $this->postJson('/api/classrooms', ['name' => 'a secret name'])->assertStatus(500);
        $spy->shouldHaveReceived('error')->withArgs(
            fn (string $message, array $context = []): bool => ! str_contains($message.json_encode($context), 'a secret name')
                && ! str_contains($message.json_encode($context), $rowan->id),
        );
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function wrongValues(): iterable
    {
        yield 'a list for a text' => ['POST', '/api/classrooms', ['name' => ['a']]];
        yield 'a number for a text' => ['POST', '/api/classrooms', ['name' => 7]];
        yield 'nothing' => ['POST', '/api/lessons', []];
        yield 'letters for a number' => ['POST', '/api/lessons', ['title' => 'x', 'minutes' => 'many']];
        yield 'a text for a list' => ['POST', '/api/figures/vary', ['figure' => 'solid', 'quantities' => 'x', 'seed' => 1, 'level' => 1]];
        yield 'lists in lists' => ['POST', '/api/figures/vary', ['figure' => ['x'], 'quantities' => [[[]]], 'seed' => [1], 'level' => 1]];
        yield 'a seed beyond all numbers' => [
            'POST',
            '/api/figures/vary',
            [
                'figure' => 'solid',
                'quantities' => ['mode' => 'edges', 'length' => '6', 'width' => '4', 'height' => '3', 'unit' => 'cm'],
                'seed' => '99999999999999999999',
                'level' => 1,
            ],
        ];
        yield 'a sheet of nonsense' => [
            'POST',
            '/api/formulas/choose',
            ['sheet' => [['formula' => [], 'names' => 'x']], 'known' => [[]], 'asked' => []],
        ];
        yield 'a due day that is none' => ['POST', '/api/worked', ['method' => 'units', 'quantities' => ['amount' => ['x'], 'to' => 5]]];
        yield 'a word that is a list' => ['POST', '/api/watch/join', ['code' => ['x']]];
        yield 'a NUL' => ['POST', '/api/classrooms', ['name' => "\0"]];
    }

    /** @param  array<string, mixed>  $given */
    #[DataProvider('wrongValues')]
    public function test_every_sentence_is_one_that_a_person_can_use(string $method, string $address, array $given): void
    {
        $this->actingAs($this->teacher());
        $answer = $this->json($method, $address, $given)->assertStatus(422);
        $this->assertDoesNotMatchRegularExpression(
            '/validation\.|field|\.\d|\$ref|must be|The \w+\.\w|schema|array|string|integer/i',
            $answer->json('detail'),
        );
        $this->assertMatchesRegularExpression('/^[A-ZÀ-Þ“].+[.]$/u', $answer->json('detail'));
    }

    public function test_numbers_beyond_measure_in_addresses_are_no_fault_of_the_server(): void
    {
        $this->actingAs($rowan = $this->teacher());
        $take = $this->take($this->lesson($rowan), 'measure', 1);
        $this->json('PUT', "/api/takes/{$take->id}/pieces/99999999999999999999", [])->assertNotFound();
        $this->json('GET', "/api/lessons/{$take->lesson_id}/programme?take[]=x")->assertOk();
        $this->json(
            'PUT',
            "/api/lessons/{$take->lesson_id}/editing",
            ['takes' => [$take->id => ['cuts' => [['to' => 5], 'x', ['from' => '1e999', 'to' => 2]]]]],
        )->assertStatus(422)->assertJsonPath('detail', 'Fill in where a cut begins.');
        $this->json('DELETE', '/api/classrooms')
            ->assertStatus(405)
            ->assertJsonPath('detail', 'This cannot be done here. Load the page again.');
    }

    public function test_a_backup_is_whole_or_refused(): void
    {
        $folder = storage_path('framework/testing/backup-'.getmypid());
        File::deleteDirectory($folder);
        $database = tempnam(sys_get_temp_dir(), 'school');
        config([
            'database.connections.school' => ['database' => $database] + config('database.connections.sqlite'),
            'database.default' => 'school',
        ]);
        Artisan::call('migrate', ['--force' => true]);
        $lesson = $this->lesson($rowan = $this->teacher());
        $take = $this->take($lesson, 'measure', 1);
        $this->artisan('school:backup', ['--to' => $folder])->assertSuccessful();
        $this->artisan('school:backup', ['--to' => $folder])->assertFailed();
        $this->assertSame([], Verification::verify($folder)->missing());

        file_put_contents($folder.'/'.Backup::FILES.'/'.$take->path('sound.flac'), 'x', FILE_APPEND);
        $this->artisan('school:restore', ['--from' => $folder, '--replace' => true])->assertFailed();
        config(['database.default' => 'sqlite']);
        DB::purge('school');
        File::deleteDirectory($folder);
        array_map(unlink(...), glob($database.'*'));
    }

    /** @param  array<string, string>  $arguments */
    private function token(string $command, array $arguments): string
    {
        Artisan::call($command, $arguments);

        return preg_match('~/set-password/([A-Za-z0-9]{40})~', Artisan::output(), $found) === 1 ? $found[1] : '';
    }
}
