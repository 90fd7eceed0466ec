<?php

declare(strict_types=1);

namespace Daybright\Format\Qti;

use Closure;
use Daybright\Figure\Variation;
use Daybright\Format\Qti\Interactions\ChooseOne;
use Daybright\Format\Qti\Interactions\FillCells;
use Daybright\Format\Qti\Interactions\Identifier;
use Daybright\Format\Qti\Interactions\MarkWords;
use Daybright\Format\Qti\Interactions\NameParts;
use Daybright\Format\Qti\Interactions\PutInOrder;
use Daybright\Format\Qti\Interactions\PutTogether;
use Daybright\Format\Qti\Interactions\TypeNumber;
use Daybright\Format\Qti\Interactions\UploadFile;
use Daybright\Format\Qti\Interactions\WriteWords;
use Daybright\Format\Xml;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Media\Picture\PictureMedium;
use Daybright\Question\Question;
use Daybright\Question\VariedQuestion;
use Daybright\Release\Questions;
use Daybright\Worked\PracticeSet;

/**
 * The questions of a lesson as items, a test that asks them in order, and their manifest (IMS Question and Test Interoperability 2.1;
 * IMS Content Packaging 1.1). Practice becomes one item for each of its own.
 */
final readonly class QtiPackage
{
    private const QTI = 'http://www.imsglobal.org/xsd/imsqti_v2p1';

    /** The kinds of interaction: one line each. */
    private const INTERACTIONS = [
        ChooseOne::class,
        TypeNumber::class,
        WriteWords::class,
        PutInOrder::class,
        PutTogether::class,
        MarkWords::class,
        UploadFile::class,
        FillCells::class,
        NameParts::class,
    ];

    /** @var array<string, string> items by name of their file, without its ending */
    private array $items;

    /** @var array<string, string> drawings by name of the item that shows them */
    private array $pictures;

    /** @param  Closure(string): string  $address of a picture’s bytes, by their hash */
    public function __construct(private Lesson $lesson, private Closure $address)
    {
        $items = $pictures = [];
        foreach (Questions::in($lesson) as $block => $question) {
            foreach (self::asked($question) as $number => $each) {
                $id = Identifier::of($number === 0 ? $block : "{$block}-{$number}");
                $parts = self::parts($each);
                $picture = $this->drawn($parts?->picture);
                if ($parts !== null && ($parts->picture === null || $picture !== null)) {
                    $items[$id] = $this->item($id, $each, $parts);
                    $pictures += $picture === null ? [] : [$id => $picture];
                }
            }
        }
        [$this->items, $this->pictures] = [$items, $pictures];
    }

    /** Null where there is none, or its file is gone. */
    private function drawn(?NumberedPicture $picture): ?string
    {
        $medium = $picture === null ? null : $this->lesson->media[$picture->medium] ?? null;

        return $picture !== null && $medium instanceof PictureMedium ? $picture->svg($medium, ($this->address)($medium->sha256)) : null;
    }

    public function isEmpty(): bool
    {
        return $this->items === [];
    }

    /** @return array<string, string> contents by name */
    public function files(): array
    {
        $files = ['imsmanifest.xml' => $this->manifest(), 'test.xml' => $this->test()];
        foreach ($this->items as $id => $item) {
            $files["{$id}.xml"] = $item;
        }
        foreach ($this->pictures as $id => $picture) {
            $files[self::pictureOf($id)] = $picture;
        }

        return $files;
    }

    /** @return list<Question> itself, or for practice each of its items, level by level */
    private static function asked(Question $question): array
    {
        $items = [];
        foreach (PracticeSet::LEVELS as $level) {
            array_push($items, ...$question->items($level));
        }

        return $items === [] ? [$question] : array_map(
            static fn (Variation $item): Question => Question::from(new Fields(VariedQuestion::typed($item))),
            $items,
        );
    }

    private static function pictureOf(string $item): string
    {
        return "{$item}.svg";
    }

    private function item(string $id, Question $question, ItemParts $parts): string
    {
        $medium = $this->lesson->media[$parts->picture->medium ?? ''] ?? null;
        $picture = $medium === null
            ? []
            : [Xml::element('p', [], Xml::element('img', ['src' => self::pictureOf($id), 'alt' => $medium->description]))];

        return Xml::HEAD.Xml::element(
            'assessmentItem',
            [
                'xmlns' => self::QTI,
                'identifier' => $id,
                'title' => mb_strimwidth($question->prompt, 0, 80, '…'),
                'adaptive' => 'false',
                'timeDependent' => 'false',
            ],
            ...$parts->declarations(),
            ...[
                self::outcome('SCORE', 0),
                self::outcome('MAXSCORE', $question->marks),
                Xml::element('itemBody', [], Xml::element('p', [], Xml::text($question->prompt)), ...$picture, ...[$parts->interaction]),
                $parts->processing($question->marks),
            ],
        );
    }

    private static function parts(Question $question): ?ItemParts
    {
        foreach (self::INTERACTIONS as $interaction) {
            if (in_array($question->type(), $interaction::kinds(), true)) {
                return $question->unfinished() === null ? $interaction::of($question) : null;
            }
        }

        return null;
    }

    private static function outcome(string $name, int $value): string
    {
        return Xml::element(
            'outcomeDeclaration',
            ['identifier' => $name, 'cardinality' => 'single', 'baseType' => 'float'],
            Xml::element('defaultValue', [], Xml::element('value', [], (string) $value)),
        );
    }

    private function test(): string
    {
        $references = array_map(
            static fn (string $id): string => Xml::element('assessmentItemRef', ['identifier' => $id, 'href' => "{$id}.xml"]),
            array_keys($this->items),
        );

        return Xml::HEAD.Xml::element(
            'assessmentTest',
            ['xmlns' => self::QTI, 'identifier' => 'test', 'title' => $this->lesson->title],
            Xml::element(
                'testPart',
                ['identifier' => 'part', 'navigationMode' => 'nonlinear', 'submissionMode' => 'individual'],
                Xml::element(
                    'assessmentSection',
                    ['identifier' => 'section', 'title' => $this->lesson->title, 'visible' => 'true'],
                    ...$references,
                ),
            ),
        );
    }

    private function manifest(): string
    {
        $resource = fn (string $id, string $type, string ...$depends): string => Xml::element(
            'resource',
            ['identifier' => $id, 'type' => $type, 'href' => "{$id}.xml"],
            Xml::element('file', ['href' => "{$id}.xml"]),
            ...isset($this->pictures[$id]) ? [Xml::element('file', ['href' => self::pictureOf($id)])] : [],
            ...array_map(static fn (string $other): string => Xml::element('dependency', ['identifierref' => $other]), $depends),
        );

        return Xml::HEAD.Xml::element(
            'manifest',
            ['xmlns' => 'http://www.imsglobal.org/xsd/imscp_v1p1', 'identifier' => 'manifest'],
            Xml::element(
                'metadata',
                [],
                Xml::element('schema', [], 'QTIv2.1 Package'),
                Xml::element('schemaversion', [], '1.0.0'),
            ),
            Xml::element('organizations'),
            Xml::element(
                'resources',
                [],
                $resource('test', 'imsqti_test_xmlv2p1', ...array_keys($this->items)),
                ...array_map(static fn (string $id): string => $resource($id, 'imsqti_item_xmlv2p1'), array_keys($this->items)),
            ),
        );
    }
}
