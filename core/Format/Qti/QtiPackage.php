<?php

declare(strict_types=1);

namespace Daybright\Format\Qti;

use Daybright\Figure\Variation;
use Daybright\Format\Qti\Interactions\ChooseOne;
use Daybright\Format\Qti\Interactions\Identifier;
use Daybright\Format\Qti\Interactions\MarkWords;
use Daybright\Format\Qti\Interactions\PutInOrder;
use Daybright\Format\Qti\Interactions\PutTogether;
use Daybright\Format\Qti\Interactions\TypeNumber;
use Daybright\Format\Qti\Interactions\UploadFile;
use Daybright\Format\Qti\Interactions\WriteWords;
use Daybright\Format\Xml;
use Daybright\Lesson\Fields;
use Daybright\Question\Question;
use Daybright\Question\VariedQuestion;
use Daybright\Worked\PracticeSet;

/**
 * The questions of a lesson as items, a test that asks them in order, and their manifest (IMS Question and Test Interoperability 2.1;
 * IMS Content Packaging 1.1). Practice becomes one item for each of its own. Tables to fill and names on a picture are left out.
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
    ];

    /** @var array<string, string> items by name of their file, without its ending */
    private array $items;

    /** @param  array<string, Question>  $questions in plain words, by block */
    public function __construct(private string $title, array $questions)
    {
        $items = [];
        foreach ($questions as $block => $question) {
            foreach (self::asked($question) as $number => $each) {
                $id = Identifier::of($number === 0 ? $block : "{$block}-{$number}");
                $item = self::item($id, $each);
                $items += $item === null ? [] : [$id => $item];
            }
        }
        $this->items = $items;
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

    private static function item(string $id, Question $question): ?string
    {
        $parts = self::parts($question);

        return $parts === null ? null : Xml::HEAD.Xml::element(
            'assessmentItem',
            [
                'xmlns' => self::QTI,
                'identifier' => $id,
                'title' => mb_strimwidth($question->prompt, 0, 80, '…'),
                'adaptive' => 'false',
                'timeDependent' => 'false',
            ],
            $parts->declaration(),
            self::outcome('SCORE', 0),
            self::outcome('MAXSCORE', $question->marks),
            Xml::element('itemBody', [], Xml::element('p', [], Xml::text($question->prompt)), $parts->interaction),
            $parts->processing($question->marks),
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
            ['xmlns' => self::QTI, 'identifier' => 'test', 'title' => $this->title],
            Xml::element(
                'testPart',
                ['identifier' => 'part', 'navigationMode' => 'nonlinear', 'submissionMode' => 'individual'],
                Xml::element(
                    'assessmentSection',
                    ['identifier' => 'section', 'title' => $this->title, 'visible' => 'true'],
                    ...$references,
                ),
            ),
        );
    }

    private function manifest(): string
    {
        $resource = static fn (string $id, string $type, string ...$depends): string => Xml::element(
            'resource',
            ['identifier' => $id, 'type' => $type, 'href' => "{$id}.xml"],
            Xml::element('file', ['href' => "{$id}.xml"]),
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
