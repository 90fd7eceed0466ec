<?php

declare(strict_types=1);

namespace App\Lessons;

use Opis\JsonSchema\Errors\ValidationError;
use stdClass;

/** Says in plain words what is wrong with a document, and where a teacher finds it. */
final readonly class SchemaSentence
{
    /** @param  list<int|string>  $path */
    private function __construct(public string $sentence, public array $path)
    {
    }

    /** @param  list<int|string>  $within where what was checked stands in the document */
    public static function explain(ValidationError $error, mixed $document, array $within): self
    {
        $error = self::deepest($error);
        $path = [...$within, ...array_values($error->data()->fullPath())];
        $missing = $error->keyword() === 'required' ? array_values((array) ($error->args()['missing'] ?? [])) : [];
        $path = $missing === [] ? $path : [...$path, $missing[0]];

        return new self(self::place($path, $document).self::matter($error, self::name($path)), $path);
    }

    /** The innermost error; among the kinds a block may be of, that of its own kind. */
    private static function deepest(ValidationError $error): ValidationError
    {
        $candidates = array_map(self::deepest(...), self::ofOwnKind(array_values($error->subErrors())));
        usort(
            $candidates,
            static fn (
                ValidationError $one,
                ValidationError $other,
            ): int => count($other->data()->fullPath()) <=> count($one->data()->fullPath()),
        );

        return $candidates[0] ?? $error;
    }

    /**
     * @param  list<ValidationError>  $errors
     * @return list<ValidationError>
     */
    private static function ofOwnKind(array $errors): array
    {
        $own = array_values(array_filter($errors, static fn (ValidationError $error): bool => ! self::isOfAnotherKind($error)));

        return $own === [] ? array_slice($errors, 0, 1) : $own;
    }

    private static function isOfAnotherKind(ValidationError $error): bool
    {
        if ($error->keyword() === 'const') {
            return true;
        }

        return count($error->subErrors()) > 0 && array_filter($error->subErrors(), self::isOfAnotherKind(...)) !== [];
    }

    private static function matter(ValidationError $error, string $name): string
    {
        $value = $error->args();

        return match ($error->keyword()) {
            'maxLength' => "{$name} is too long: at most {$value['max']} letters. Shorten it.",
            'minLength', 'required' => "{$name} is missing. Fill it in.",
            'maxItems', 'maxProperties' => "{$name} holds too many: at most ".($value['max'] ?? '').'. Take some out.',
            'minItems' => "{$name} holds too few: at least ".($value['min'] ?? '').'.',
            'type' => "{$name} must be ".self::kind($value['expected'] ?? '').'.',
            'minimum' => "{$name} is too small: at least ".($value['min'] ?? '').'.',
            'maximum' => "{$name} is too large: at most ".($value['max'] ?? '').'.',
            'exclusiveMinimum' => "{$name} must be more than ".($value['min'] ?? '').'.',
            'additionalProperties' => "{$name} holds something that this program does not know. It may come from a newer version.",
            'const', 'enum', 'oneOf' => "{$name} is of a kind that this program does not know. It may come from a newer version.",
            default => "{$name} is not written as it should be.",
        };
    }

    /** @param  list<int|string>  $path */
    private static function name(array $path): string
    {
        $names = array_values(array_filter($path, is_string(...)));
        if ($names === []) {
            return 'The lesson';
        }

        return 'The '.mb_strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', ' ', end($names)));
    }

    /** @param  list<int|string>  $path */
    private static function place(array $path, mixed $document): string
    {
        if (($path[0] ?? '') !== 'parts' || ! isset($path[3])) {
            return '';
        }
        $slide = $document instanceof stdClass ? ($document->parts[$path[1]]->slides[$path[3]] ?? null) : null;
        $title = is_string($slide->title ?? null) && $slide->title !== ''
            ? '“'.mb_substr($slide->title, 0, 60).'”'
            : (string) ((int) $path[3] + 1);
        $step = ($path[4] ?? '') === 'steps' && isset($path[5]) ? ', step '.((int) $path[5] + 1) : '';

        return "On the slide {$title}{$step}: ";
    }

    /** @param  string|list<string>  $expected JSON types */
    private static function kind(string|array $expected): string
    {
        $words = [
            'string' => 'a text',
            'number' => 'a number',
            'integer' => 'a whole number',
            'boolean' => 'yes or no',
            'array' => 'a list',
            'object' => 'a group of fields',
            'null' => 'nothing',
        ];

        return implode(' or ', array_map(static fn (string $type): string => $words[$type] ?? $type, (array) $expected));
    }
}
