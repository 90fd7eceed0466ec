<?php

declare(strict_types=1);

namespace Tests\Core\Lesson;

use Daybright\Lesson\MergePatch;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class MergePatchTest extends TestCase
{
    /** Those examples of RFC 7396, appendix A, whose target and patch are objects; from memory. */
    #[TestWith(['{"a":"b"}', '{"a":"c"}', '{"a":"c"}'])]
    #[TestWith(['{"a":"b"}', '{"b":"c"}', '{"a":"b","b":"c"}'])]
    #[TestWith(['{"a":"b"}', '{"a":null}', '{}'])]
    #[TestWith(['{"a":"b","b":"c"}', '{"a":null}', '{"b":"c"}'])]
    #[TestWith(['{"a":["b"]}', '{"a":"c"}', '{"a":"c"}'])]
    #[TestWith(['{"a":"c"}', '{"a":["b"]}', '{"a":["b"]}'])]
    #[TestWith(['{"a":{"b":"c"}}', '{"a":{"b":"d","c":null}}', '{"a":{"b":"d"}}'])]
    #[TestWith(['{"a":[{"b":"c"}]}', '{"a":[1]}', '{"a":[1]}'])]
    #[TestWith(['{"e":null}', '{"a":1}', '{"e":null,"a":1}'])]
    #[TestWith(['{}', '{"a":{"bb":{"ccc":null}}}', '{"a":{"bb":{}}}'])]
    public function test_it_patches_as_the_standard_says(string $target, string $patch, string $expected): void
    {
        self::assertSame(self::decoded($expected), MergePatch::apply(self::decoded($target), self::decoded($patch)));
    }

    public function test_two_patches_in_one_do_what_they_do_one_after_the_other(): void
    {
        mt_srand(4);
        for ($round = 0; $round < 500; $round++) {
            [$target, $first, $second] = [self::random(false), self::random(true), self::random(true)];
            self::assertEquals(
                MergePatch::apply(MergePatch::apply($target, $first), $second),
                MergePatch::apply($target, MergePatch::joined($first, $second)),
            );
        }
    }

    /** @return array<mixed> */
    private static function decoded(string $json): array
    {
        $value = json_decode($json, true);

        return is_array($value) ? $value : [];
    }

    /** @return array<string, mixed> */
    private static function random(bool $takesAway, int $depth = 0): array
    {
        $made = [];
        foreach (['text', 'list', 'object'] as $name) {
            $made[$name] = match (true) {
                $name === 'list' => [mt_rand(0, 9), 'x'],
                $name === 'object' && $depth < 3 => self::random($takesAway, $depth + 1),
                default => $takesAway && mt_rand(0, 1) === 0 ? null : mt_rand(0, 9),
            };
            if (mt_rand(0, 2) === 0) {
                unset($made[$name]);
            }
        }

        return $made === [] ? ['d' => 1] : $made;
    }
}
