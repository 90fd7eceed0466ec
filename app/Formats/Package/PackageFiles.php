<?php

declare(strict_types=1);

namespace App\Formats\Package;

use App\Adapters\Files;
use App\Lessons\ReleaseView;
use App\Models\MediaFile;
use App\Models\Release;
use App\Watching\WatchedLesson;
use Daybright\Question\Question;
use Daybright\Release\FrozenStage;
use Daybright\Release\Questions;
use DomainException;
use stdClass;
use Symfony\Component\Mime\MimeTypes;

/** The files of a lesson that plays from index.html with no server: the player, the lesson with its answers, its sounds and pictures. */
final readonly class PackageFiles
{
    public const START = 'index.html';

    private const PLAYER = 'build/package';

    /**
     * @param  array<string, string>  $written contents by name
     * @param  array<string, string>  $copied paths on this machine by name
     */
    private function __construct(public array $written, public array $copied)
    {
    }

    public static function of(Release $release): self
    {
        $copied = self::player() + self::sounds($release) + self::films($release);
        [$lesson, $media] = self::withMedia($release, self::lesson($release));

        return new self(
            [self::START => self::page($release->document->title()), 'lesson.js' => "window.daybrightLesson = {$lesson};\n"],
            $copied + $media,
        );
    }

    /** @return list<string> */
    public function names(): array
    {
        return [...array_keys($this->written), ...array_keys($this->copied)];
    }

    /** @return array<string, string> */
    private static function player(): array
    {
        $files = glob(public_path(self::PLAYER.'/*')) ?: throw new DomainException(
            'The player for packages is not built. Run bin/start once, or npm run build.',
        );

        return array_combine(array_map(static fn (string $file): string => 'player/'.basename($file), $files), $files);
    }

    /** @return array<string, string> */
    private static function sounds(Release $release): array
    {
        $sounds = [];
        foreach (array_keys($release->stages()) as $stage) {
            foreach (['webm', 'm4a'] as $kind) {
                $sounds["sound/{$stage}.{$kind}"] = Files::local($release->soundPath($stage, $kind));
            }
        }

        return $sounds;
    }

    /** @return array<string, string> */
    private static function films(Release $release): array
    {
        $films = [];
        foreach ($release->parts ?? [] as $name => $path) {
            if (preg_match('/^film-(\w+)\.mp4$/', $name, $found) === 1) {
                $films["film/{$found[1]}.mp4"] = Files::local($path);
            }
        }

        return $films;
    }

    /** @return array<string, mixed> as the student’s page has it, with the answers, since there is no server to keep them */
    private static function lesson(Release $release): array
    {
        $frozen = $release->frozen();
        $source = static fn (int $stage, string $kind, string $type): array => ['url' => "sound/{$stage}.{$kind}", 'type' => $type];

        return [
            ...ReleaseView::played($frozen->toArray(), 'media', static fn (string $footage): string => "film/{$footage}.mp4"),
            'id' => $release->id,
            'sounds' => array_map(static fn (FrozenStage $stage, int $number): array => [
                'from' => $stage->from,
                'to' => $stage->to,
                'sources' => [$source($number, 'webm', 'audio/webm; codecs=opus'), $source($number, 'm4a', 'audio/mp4')],
            ], $release->stages(), array_keys($release->stages())),
            'student' => '',
            'instructions' => '',
            'due' => null,
            ...WatchedLesson::planned($release),
            'handout' => null,
            'letter' => null,
            'edition' => $release->id,
            'inAnyOrder' => false,
            'closed' => new stdClass,
            'comparedFrom' => null,
            'visit' => [
                'position' => 0, 'handedIn' => false, 'answers' => new stdClass, 'aims' => new stdClass, 'moments' => [],
            ],
            'answers' => (object) array_map(static fn (Question $question): array => [
                'model' => $question->answer(),
                'right' => self::right($question),
            ], Questions::in($release->read())),
        ];
    }

    /** @return list<string>|null ids of the right choices; null where nothing is chosen */
    private static function right(Question $question): ?array
    {
        $choices = $question->asked()['choices'] ?? null;

        return ! is_array($choices) || $question->rightChoices() === []
            ? null
            : array_map(static fn (int $number): string => $choices[$number]['id'], $question->rightChoices());
    }

    /**
     * @param  array<string, mixed>  $lesson
     * @return array{string, array<string, string>} the lesson as JSON that may stand in a script, and the files that it names
     */
    private static function withMedia(Release $release, array $lesson): array
    {
        $json = json_encode($lesson, JSON_THROW_ON_ERROR | JSON_HEX_TAG | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        $media = [];
        foreach (array_unique(array_column($release->document->array()['media'], 'sha256')) as $sha256) {
            if (! str_contains($json, "media/{$sha256}")) {
                continue;
            }
            $file = MediaFile::query()->where('sha256', $sha256)->firstOrFail();
            $name = "media/{$sha256}.".(MimeTypes::getDefault()->getExtensions($file->type)[0] ?? 'bin');
            $json = str_replace("media/{$sha256}", $name, $json);
            $media[$name] = MediaFile::local($sha256);
        }

        return [$json, $media];
    }

    private static function page(string $title): string
    {
        $title = e($title);

        return <<<HTML
            <!doctype html>
            <html lang="en-GB">
            <head>
                <meta charset="utf-8">
                <meta name="viewport" content="width=device-width, initial-scale=1">
                <title>{$title}</title>
                <link rel="stylesheet" href="player/style.css">
                <script src="lesson.js" defer></script>
                <script src="player/player.js" defer></script>
            </head>
            <body><div id="app"></div></body>
            </html>

            HTML;
    }
}
