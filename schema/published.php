<?php

declare(strict_types=1);

// The published schemas by file name: the content of every kind of block, and the events of every track.

use Daybright\Block\Blocks;
use Daybright\Block\Question\QuestionBlock;
use Daybright\Deck\Looks;
use Daybright\Lesson\BlockPlacing;
use Daybright\Lesson\Media\Media;
use Daybright\Lesson\Media\Medium;
use Daybright\Question\QuestionKinds;
use Daybright\Recording\Tracks\Tracks;

require_once __DIR__.'/../vendor/autoload.php';

$written = static fn (array $schema): string => json_encode(
    $schema,
    JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
)."\n";

return ['lesson.schema.json' => $written(lessonSchema()), 'events.schema.json' => $written(eventsSchema())];

/** @return array<mixed> */
function eventsSchema(): array
{
    $schema = readSchema(__DIR__.'/events.base.json');
    foreach (Tracks::all() as $track) {
        array_push($schema['$defs']['event']['oneOf'], ...readSchema(beside($track, 'events.schema.json')));
    }

    return $schema;
}

/** @return array<mixed> */
function lessonSchema(): array
{
    $schema = readSchema(__DIR__.'/lesson.base.json');
    $schema['properties']['look']['enum'] = Looks::names();
    $kinds = [];
    foreach (Blocks::CATALOGUE as $kind) {
        $content = readSchema(beside($kind, 'content.schema.json'));
        $content = $kind === QuestionBlock::class ? withEveryKind($content) : $content;
        $kinds[] = [
            'title' => str_replace('Content', 'Block', $content['title']),
            'type' => 'object',
            'required' => ['id', 'kind', 'region', 'step', 'reveals', 'content'],
            'additionalProperties' => false,
            'properties' => [
                'id' => ['$ref' => '#/$defs/id'],
                'kind' => ['const' => $kind::name()],
                'region' => ['enum' => ['main', 'left', 'right', 'top', 'bottom']],
                'step' => ['$ref' => '#/$defs/id'],
                'reveals' => [
                    'type' => 'object',
                    'maxProperties' => 60,
                    'additionalProperties' => ['$ref' => '#/$defs/id'],
                    'description' => 'Piece of the block to the step at which it appears.',
                ],
                'size' => [
                    'type' => 'number',
                    'minimum' => BlockPlacing::SMALLEST,
                    'maximum' => BlockPlacing::LARGEST,
                    'description' => 'Of its type against that of the slide, or of a picture or figure against its place; 1 when left out.',
                ],
                'source' => ['$ref' => '#/$defs/id', 'description' => 'A block of the same slide, such as a table, of which it shows the numbers.'],
                'align' => ['enum' => BlockPlacing::aligns(), 'description' => 'Left to the composer when left out.'],
                'content' => $content,
            ],
        ];
    }
    $schema['$defs']['block'] = ['title' => 'Block', 'oneOf' => $kinds];
    $schema['$defs']['medium'] = ['title' => 'Medium', 'oneOf' => array_map(
        static fn (string $kind): array => mediumSchema($schema['$defs']['medium'], $kind),
        Media::CATALOGUE,
    )];

    return $schema;
}

/**
 * What all media have, with what one kind adds.
 *
 * @param  array<mixed>  $common
 * @param  class-string<Medium>  $kind
 * @return array<mixed>
 */
function mediumSchema(array $common, string $kind): array
{
    $added = readSchema(beside($kind, 'fields.schema.json'));
    $common['title'] = ucfirst($kind::kind()).'Medium';
    $common['required'] = [...$common['required'], ...array_keys($added)];
    $common['properties'] = ['type' => ['enum' => $kind::types()]] + $common['properties'] + $added;

    return $common;
}

/**
 * The fields of a question are those that all have and those that each kind adds; two kinds may add the same field, but not differ
 * about it.
 *
 * @param  array<mixed>  $content
 * @return array<mixed>
 */
function withEveryKind(array $content): array
{
    $names = [];
    $added = [];
    foreach (QuestionKinds::CATALOGUE as $kind) {
        $names[] = $kind::name();
        $added = together($added, readSchema(beside($kind, 'fields.schema.json')), $kind::name());
    }
    $content['properties'] = ['type' => ['enum' => $names]] + $content['properties'] + $added;

    return $content;
}

/**
 * @param  array<mixed>  $one
 * @param  array<mixed>  $other
 * @return array<mixed>
 */
function together(array $one, array $other, string $where): array
{
    foreach ($other as $name => $value) {
        $known = $one[$name] ?? $value;
        $one[$name] = match (true) {
            is_array($known) && is_array($value) => together($known, $value, "{$where}/{$name}"),
            $known === $value => $value,
            default => throw new LogicException("Two kinds of question differ about {$where}/{$name}."),
        };
    }

    return $one;
}

/**
 * A file that stands beside a class.
 *
 * @param  class-string  $class
 */
function beside(string $class, string $name): string
{
    return dirname((string) (new ReflectionClass($class))->getFileName()).'/'.$name;
}

/** @return array<mixed> */
function readSchema(string $file): array
{
    return json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
}
