<?php

declare(strict_types=1);

namespace Tests\Core;

use Daybright\Failure;
use PHPUnit\Framework\TestCase;
use ReflectionClass;
use Tests\Core\Support\OurFiles;
use Throwable;

final class FailureTest extends TestCase
{
    public function test_every_exception_of_core_has_a_stable_code_of_its_own(): void
    {
        $codes = [];
        foreach (self::exceptions() as $class) {
            self::assertTrue(is_a($class, Failure::class, true), "{$class} is no Failure");
            $codes[$class] = $class::failureCode();
        }
        self::assertNotSame([], $codes);
        self::assertSame($codes, array_unique($codes));
        self::assertSame([], array_filter($codes, static fn (string $code): bool => preg_match('/^[a-z]+(-[a-z]+)+$/', $code) !== 1));
    }

    public function test_they_are_made_by_named_constructors_alone(): void
    {
        foreach (self::exceptions() as $class) {
            $own = (new ReflectionClass($class))->getConstructor();
            $isNamed = $own === null || $own->getDeclaringClass()->getName() !== $class || $own->isPrivate();
            self::assertTrue($isNamed, "{$class} has a public constructor of its own");
        }
    }

    /** @return list<class-string<Throwable>> */
    private static function exceptions(): array
    {
        $classes = [];
        foreach (OurFiles::in('core') as $name => $path) {
            if (preg_match('/^final class (\w+) extends \w*(?:Exception|Error)\b/m', (string) file_get_contents($path), $match) === 1) {
                $class = 'Daybright'.str_replace('/', '\\', substr(dirname($name), strlen('core'))).'\\'.$match[1];
                self::assertTrue(class_exists($class), $class);
                $classes[] = $class;
            }
        }

        return $classes;
    }
}
