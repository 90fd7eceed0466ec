<?php

declare(strict_types=1);

// Puts the content of every kind of block into schema/lesson.schema.json. Run after a kind is added or changed:
// php schema/build.php

use Daybright\Block\Blocks;

require __DIR__.'/../vendor/autoload.php';

echo json_encode(lessonSchema(), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";

/** @return array<mixed> */
function lessonSchema(): array
{
    $read = static fn (string $file): array => json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
    $schema = $read(__DIR__.'/lesson.base.json');
    $kinds = [];
    foreach (Blocks::all() as $name => $kind) {
        $content = $read(dirname((string) (new ReflectionClass($kind))->getFileName()).'/content.schema.json');
        $kinds[] = [
            'title' => str_replace('Content', 'Block', $content['title']),
            'type' => 'object',
            'required' => ['id', 'kind', 'region', 'step', 'reveals', 'content'],
            'additionalProperties' => false,
            'properties' => [
                'id' => ['$ref' => '#/$defs/id'],
                'kind' => ['const' => $name],
                'region' => ['enum' => ['main', 'left', 'right', 'top', 'bottom']],
                'step' => ['$ref' => '#/$defs/id'],
                'reveals' => ['type' => 'object', 'maxProperties' => 60, 'additionalProperties' => ['$ref' => '#/$defs/id'], 'description' => 'Piece of the block to the step at which it appears.'],
                'content' => $content,
            ],
        ];
    }
    $schema['$defs']['block'] = ['title' => 'Block', 'oneOf' => $kinds];

    return $schema;
}
