<?php

declare(strict_types=1);

namespace Tests\Faults;

use App\Adapters\Files;
use App\Formats\Archive\ArchiveWriter;
use App\Models\Lesson;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Tests\App\TestCase;
use ZipArchive;

/**
 * Thousands of wrong inputs with fixed seeds: none is answered 500, none leaves something half done, none is written in a library's
 * words.
 */
class HostileInputTest extends TestCase
{
    /** As libraries speak, and people do not. */
    private const LIBRARY = '/'.self::OF_SCHEMAS.'|'.self::OF_THE_FRAMEWORK.'|'.self::OF_PHP.'/i';

    private const OF_SCHEMAS = '\$ref|must match|must be an? (?:string|array|integer|object)\b|additional ?properties';

    private const OF_THE_FRAMEWORK = 'validation\.|SQLSTATE|field is required|The \w+(\.\w+)+ |CSRF|vendor\/';

    private const OF_PHP = 'Undefined|Exception|Call to|must be of type|stack trace';

    private const TAKE = 'abcdefghijklmnopqrstuv';

    private User $rowan;

    private Lesson $made;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withExceptionHandling();
        $this->made = $this->lesson($this->rowan = $this->teacher(), self::rich());
        $this->actingAs($this->rowan);
    }

    public function test_documents(): void
    {
        $kept = (string) $this->made->document();
        $version = 1;
        for ($seed = 1; $seed <= 1200; $seed++) {
            $hostile = new Hostile($seed);
            $document = $hostile->value(json_decode((string) json_encode(self::rich())));
            $answer = $this->putJson("/api/lessons/{$this->made->id}", ['version' => $version, 'document' => $document]);
            $this->assertAnswered($answer, "document {$seed}");
            $now = (string) $this->made->fresh()->document();
            if ($answer->isOk()) {
                $version = $answer->json('version');
                $this->getJson("/api/lessons/{$this->made->id}")->assertOk();
                $kept = $now;
            }
            $this->assertSame($kept, $now, "document {$seed} was refused and stored all the same");
        }
        $this->getJson("/api/lessons/{$this->made->id}/ready")->assertOk();
    }

    public function test_pieces_and_their_events(): void
    {
        $this->putJson("/api/lessons/{$this->made->id}/takes/".self::TAKE, ['slide' => 'measure', 'source' => 'microphone'])->assertOk();
        $events = [
            ['kind' => 'show', 'at' => 0, 'slide' => 'measure'],
            ['kind' => 'step', 'at' => 500, 'step' => 'measure-2'],
            ['kind' => 'ink', 'at' => 700, 'tool' => 'pen', 'colour' => '#B3261E', 'width' => 8, 'points' => [[0, 10, 10], [40, 50, 60]]],
        ];
        $stored = 0;
        for ($seed = 1; $seed <= 1200; $seed++) {
            $hostile = new Hostile($seed);
            $sound = $hostile->bytes(str_repeat("\x1A\x45\xDF\xA3 sound ", 20));
            $json = $hostile->whole(0, 3) === 0
                ? $hostile->bytes((string) json_encode($events))
                : (string) json_encode($hostile->value($events));
            $given = [
                '_method' => 'PUT',
                'sound' => UploadedFile::fake()->createWithContent('p', $sound),
                'sha256' => hash('sha256', $sound),
                'events' => $json,
            ];
            if ($hostile->whole(0, 3) === 0) {
                $given[$hostile->one(['sha256', 'events', 'sound'])] = $hostile->anything();
            }
            $answer = $this->post(
                '/api/takes/'.self::TAKE.'/pieces/'.$hostile->one([$seed, $seed, 0, 999999, '99999999999999999999', '-1', 'x']),
                $given,
                ['Accept' => 'application/json'],
            );
            $this->assertAnswered($answer, "piece {$seed}");
            $now = $this->made->takes()->findOrFail(self::TAKE)->pieces()->count();
            $this->assertLessThanOrEqual($stored + ($answer->isOk() ? 1 : 0), $now);
            $stored = $now;
        }
        $this->assertCount($stored, Storage::allFiles(), 'as many files as pieces');
    }

    public function test_archives(): void
    {
        $this->take($this->made, 'measure', 0.3);
        $zip = (new ArchiveWriter)->write($this->made, static function (): void {
        });
        $whole = (string) file_get_contents($zip);
        $entries = self::entries($zip);
        unlink($zip);
        $files = Storage::allFiles();
        for ($seed = 1; $seed <= 500; $seed++) {
            $hostile = new Hostile($seed);
            $bytes = $hostile->whole(0, 1) === 0 ? $hostile->bytes($whole) : self::zipped($this->wrong($hostile, $entries));
            $lessons = Lesson::query()->count();
            $answer = $this->post(
                '/api/lessons/import',
                ['file' => UploadedFile::fake()->createWithContent('lesson.zip', $bytes)],
                ['Accept' => 'application/json'],
            );
            $this->assertAnswered($answer, "archive {$seed}");
            $this->assertSame($lessons + ($answer->isSuccessful() ? 1 : 0), Lesson::query()->count());
            if ($answer->isSuccessful()) {
                $this->getJson('/api/lessons/'.$answer->json('id'))->assertOk();
                $files = Storage::allFiles();
            }
            $this->assertSame($files, Storage::allFiles(), "archive {$seed} left files");
        }
        $this->assertSame([], glob(Files::workFolder().'/*'));
    }

    public function test_pictures(): void
    {
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="0 0 60 40"><defs><linearGradient id="g"><stop offset="0" stop-color="#f00"/></linearGradient></defs><style>.a{fill:url(#g)}</style><g transform="scale(2)"><rect class="a" width="9" height="9"/><use xlink:href="#g"/><text x="2">Noon</text></g></svg>';
        $image = imagecreatetruecolor(60, 40);
        $kinds = [$svg];
        foreach ([imagepng(...), imagejpeg(...), imagewebp(...)] as $write) {
            ob_start();
            $write($image);
            $kinds[] = (string) ob_get_clean();
        }
        for ($seed = 1; $seed <= 1000; $seed++) {
            $hostile = new Hostile($seed);
            $files = Storage::allFiles();
            $answer = $this->post(
                '/api/media',
                ['file' => UploadedFile::fake()->createWithContent('gate.png', $hostile->bytes($hostile->one($kinds)))],
                ['Accept' => 'application/json'],
            );
            $this->assertAnswered($answer, "picture {$seed}");
            if (! $answer->isSuccessful()) {
                $this->assertSame($files, Storage::allFiles());
            }
        }
    }

    public function test_routes(): void
    {
        config(['queue.default' => 'null']);
        $heron = $this->classroom($this->rowan, 'Ada', 'Bram');
        $this->take($this->made, 'measure', 0.3);
        $known = [
            'lesson' => $this->made->id,
            'classroom' => $heron->id,
            'student' => $heron->students()->value('id'),
            'take' => $this->made->takes()->value('id'),
        ];
        $routes = array_values(array_filter(
            iterator_to_array(Route::getRoutes()),
            static fn ($route): bool => ! in_array($route->uri(), ['api/sign-out', 'up'], true),
        ));
        for ($seed = 1; $seed <= 1500; $seed++) {
            $hostile = new Hostile($seed);
            $route = $routes[$seed % count($routes)];
            $address = preg_replace_callback(
                '/\{(\w+)\??\}/',
                fn (array $match): string => rawurlencode((string) (
                    $hostile->whole(0, 2) > 0
                    && isset($known[$match[1]])
                        ? $known[$match[1]]
                        : $hostile->one(['x', '..', '%FF', "\u{0}", str_repeat('a', 22), '0', '99999999999999999999', 'solid', 'webm'])
                )),
                $route->uri(),
            );
            // Deleting would take the ground from under the inputs that follow.
            $method = $route->methods()[0] === 'DELETE' ? 'GET' : $route->methods()[0];
            $given = (array) $hostile->value([
                'version' => 1,
                'document' => [],
                'name' => 'x',
                'title' => 'x',
                'names' => ['Cleo'],
                'word' => 'sun',
                'code' => 'ABCD2345',
                'student' => 1,
                'given' => '41',
                'at' => 3,
                'cuts' => [['from' => 0, 'to' => 9]],
                'figure' => 'solid',
                'quantities' => [],
                'level' => 1,
                'seed' => 1,
                'script' => 'Noon.',
                'classroom' => $heron->id,
                'pieces' => 1,
                'earned' => 1,
                'slide' => 'measure',
                'source' => 'practice',
            ]);
            $this->actingAs($this->rowan->fresh());
            $answer = $hostile->whole(0, 1) === 0
                ? $this->json($method, "/{$address}", $given)
                : $this->call($method, "/{$address}?r[]=x", $given, [], [], ['HTTP_ACCEPT' => 'application/json']);
            $this->assertAnswered($answer, "{$method} {$address} {$seed}");
        }
        $this->getJson('/api/home')->assertOk();
    }

    private function assertAnswered(TestResponse $answer, string $about): void
    {
        if ($answer->getStatusCode() >= 500) {
            $this->fail("{$about}: ".mb_substr((string) $answer->baseResponse->exception, 0, 600));
        }
        if ($answer->getStatusCode() < 400 || $answer->getStatusCode() === 404 || ! is_string($answer->getContent())) {
            return;
        }
        $said = (string) (json_decode($answer->getContent(), true)['detail'] ?? '');
        $this->assertNotSame('', $said, "{$about}: nothing was said with {$answer->getStatusCode()}");
        $this->assertDoesNotMatchRegularExpression(self::LIBRARY, $said, $about);
        $this->assertMatchesRegularExpression('/[.!?”)]$/u', $said, "{$about}: no sentence");
    }

    /** @return array<string, mixed> the lesson of the other tests, with every kind of block beside */
    private static function rich(): array
    {
        $document = self::document();
        $block = static fn (string $id, string $kind, array|object $content): array => [
            'id' => $id,
            'kind' => $kind,
            'region' => 'main',
            'step' => 'measure-1',
            'reveals' => (object) [],
            'content' => $content,
        ];
        array_push($document['parts'][0]['slides'][0]['blocks'],
            $block('words', 'text', ['text' => 'A *shadow* of `\\frac{1}{2}` m']),
            $block('solid', 'figure', ['figure' => 'number-line', 'quantities' => (object) ['from' => '0', 'to' => '10']]),
            $block(
                'worked',
                'worked',
                ['task' => 'Add.', 'lines' => [['id' => 'one', 'formula' => '1 + 1 = 2', 'reason' => 'One more.', 'marks' => (object) []]]],
            ),
        );

        return $document;
    }

    /** @return array<string, string> */
    private static function entries(string $path): array
    {
        $zip = new ZipArchive;
        $zip->open($path);
        $entries = [];
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $entries[(string) $zip->getNameIndex($index)] = (string) $zip->getFromIndex($index);
        }

        return $entries;
    }

    /**
     * @param  array<string, string>  $entries
     * @return array<string, string>
     */
    private function wrong(Hostile $hostile, array $entries): array
    {
        $name = $hostile->one(array_keys($entries));
        $entries[$name] = str_ends_with($name, '.json')
            ? (string) json_encode($hostile->value(json_decode($entries[$name])), JSON_PARTIAL_OUTPUT_ON_ERROR)
            : $hostile->bytes($entries[$name]);
        if ($hostile->whole(0, 4) === 0) {
            $entries[$hostile->one(['../x', 'pictures/x', 'takes/2/take.json', 'lesson.json.php', '/etc/passwd'])] = 'x';
        }

        return $entries;
    }

    /** @param  array<string, string>  $entries */
    private static function zipped(array $entries): string
    {
        $path = tempnam(sys_get_temp_dir(), 'zip');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach ($entries as $name => $bytes) {
            $zip->addFromString($name, $bytes);
        }
        $zip->close();
        $written = (string) file_get_contents($path);
        unlink($path);

        return $written;
    }
}
