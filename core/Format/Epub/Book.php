<?php

declare(strict_types=1);

namespace Daybright\Format\Epub;

use Daybright\Format\Xml;
use Daybright\Lesson\Lesson;
use Daybright\Question\Question;
use Daybright\Recording\Cue;
use Daybright\Release\FrozenChapter;
use Daybright\Release\FrozenLesson;
use Daybright\Release\FrozenPause;
use Daybright\Release\FrozenStage;
use Daybright\Release\Questions;

/**
 * A shared lesson as a book to read and to hear (EPUB 3.2, W3C, with media overlays): a page for each slide with its picture and what
 * is said, line by line; its tasks where they are asked, their answers at the end.
 */
final readonly class Book
{
    public const MEDIA_TYPE = 'application/epub+zip';

    /** The class of the line that is being heard. */
    private const HEARD = 'heard';

    private const STYLE = 'body{font-family:sans-serif;line-height:1.5;margin:1em}img{max-width:100%}'
        .'.'.self::HEARD.'{background:#FFF6C9}.task{border:2px solid #0B5A60;border-radius:.4em;padding:.6em}';

    /**
     * @param  list<FrozenStage>  $stages each with a sound of its own
     * @param  string  $id that no other version of a lesson has
     * @param  string  $modified such as “2026-11-29T18:00:00Z”
     */
    public function __construct(
        private FrozenLesson $frozen,
        private Lesson $lesson,
        private array $stages,
        private string $id,
        private string $modified,
    ) {
    }

    /** @return array<string, string> contents by name, in the order in which they stand in the file; the first is stored as it is */
    public function files(): array
    {
        $files = [
            'mimetype' => self::MEDIA_TYPE,
            'META-INF/container.xml' => self::container(),
            'book/package.opf' => $this->package(),
            'book/contents.xhtml' => $this->contents(),
            'book/style.css' => self::STYLE,
        ];
        foreach ($this->frozen->chapters as $number => $chapter) {
            $files["book/slide-{$number}.xhtml"] = $this->page($number, $chapter);
            if ($this->cues($chapter) !== []) {
                $files["book/slide-{$number}.smil"] = $this->overlay($number, $chapter);
            }
        }

        return $files + ['book/answers.xhtml' => $this->answers()];
    }

    /** Where the picture of a slide stands. */
    public static function picture(int $number): string
    {
        return "book/slide-{$number}.png";
    }

    /** Where the sound of a stage stands. */
    public static function sound(int $stage): string
    {
        return "book/sound-{$stage}.m4a";
    }

    private static function container(): string
    {
        return Xml::HEAD.Xml::element(
            'container',
            ['version' => '1.0', 'xmlns' => 'urn:oasis:names:tc:opendocument:xmlns:container'],
            Xml::element('rootfiles', [], Xml::element(
                'rootfile',
                ['full-path' => 'book/package.opf', 'media-type' => 'application/oebps-package+xml'],
            )),
        );
    }

    private function package(): string
    {
        $items = [
            self::item('contents', 'contents.xhtml', 'application/xhtml+xml', ['properties' => 'nav']),
            self::item('style', 'style.css', 'text/css'),
            self::item('answers', 'answers.xhtml', 'application/xhtml+xml'),
        ];
        $durations = $spine = [];
        foreach ($this->frozen->chapters as $number => $chapter) {
            $isHeard = $this->cues($chapter) !== [];
            $overlay = $isHeard ? ['media-overlay' => "overlay-{$number}"] : [];
            $items[] = self::item("slide-{$number}", "slide-{$number}.xhtml", 'application/xhtml+xml', $overlay);
            $items[] = self::item("picture-{$number}", "slide-{$number}.png", 'image/png');
            $spine[] = Xml::element('itemref', ['idref' => "slide-{$number}"]);
            if ($isHeard) {
                $items[] = self::item("overlay-{$number}", "slide-{$number}.smil", 'application/smil+xml');
                $durations["overlay-{$number}"] = $this->heard($chapter);
            }
        }
        foreach (array_keys($this->stages) as $stage) {
            $items[] = self::item("sound-{$stage}", "sound-{$stage}.m4a", 'audio/mp4');
        }

        return Xml::HEAD.Xml::element(
            'package',
            ['xmlns' => 'http://www.idpf.org/2007/opf', 'version' => '3.0', 'unique-identifier' => 'id', 'xml:lang' => 'en'],
            $this->metadata($durations),
            Xml::element('manifest', [], ...$items),
            Xml::element('spine', [], ...$spine, ...[Xml::element('itemref', ['idref' => 'answers'])]),
        );
    }

    /** @param  array<string, float>  $durations milliseconds by overlay */
    private function metadata(array $durations): string
    {
        $meta = static fn (string $property, string $value, ?string $refines = null): string => Xml::element(
            'meta',
            ['property' => $property, 'refines' => $refines],
            Xml::text($value),
        );
        $heard = [];
        foreach ($durations as $overlay => $milliseconds) {
            $heard[] = $meta('media:duration', self::clock($milliseconds), "#{$overlay}");
        }

        return Xml::element(
            'metadata',
            ['xmlns:dc' => 'http://purl.org/dc/elements/1.1/'],
            Xml::element('dc:identifier', ['id' => 'id'], 'urn:daybright:'.Xml::text($this->id)),
            Xml::element('dc:title', [], Xml::text($this->frozen->title)),
            Xml::element('dc:language', [], 'en'),
            $meta('dcterms:modified', $this->modified),
            $meta('media:duration', self::clock(array_sum($durations))),
            $meta('media:active-class', self::HEARD),
            ...$heard,
        );
    }

    private function contents(): string
    {
        $entry = static fn (string $file, string $name): string => Xml::element(
            'li',
            [],
            Xml::element('a', ['href' => $file], Xml::text($name)),
        );
        $entries = array_map(
            static fn (FrozenChapter $chapter, int $number): string => $entry("slide-{$number}.xhtml", $chapter->name()),
            $this->frozen->chapters,
            array_keys($this->frozen->chapters),
        );

        return self::document($this->frozen->title, Xml::element(
            'nav',
            ['epub:type' => 'toc'],
            Xml::element('h1', [], Xml::text($this->frozen->title)),
            Xml::element('ol', [], ...$entries, ...[$entry('answers.xhtml', 'Answers')]),
        ));
    }

    private function page(int $number, FrozenChapter $chapter): string
    {
        $slide = $this->frozen->slides[$chapter->slide] ?? null;
        $words = $slide === null ? '' : ($slide->descriptions[array_key_last($slide->descriptions) ?? 0] ?? $slide->title);
        $lines = array_map(
            self::line(...),
            $this->cues($chapter),
            array_keys($this->cues($chapter)),
        );
        $tasks = array_filter(
            $this->frozen->pauses,
            static fn (FrozenPause $pause): bool => $pause->slide === $chapter->slide && $pause->clip === null && $pause->prompt !== '',
        );

        return self::document(
            $chapter->name(),
            Xml::element('h1', [], Xml::text($chapter->name())),
            Xml::element('p', [], Xml::element('img', ['src' => "slide-{$number}.png", 'alt' => $words])),
            ...$lines === [] ? [] : [Xml::element('p', ['id' => 'said'], ...$lines)],
            ...array_map(self::task(...), array_values($tasks)),
        );
    }

    private static function task(FrozenPause $pause): string
    {
        $choices = is_array($pause->question['choices'] ?? null) ? $pause->question['choices'] : [];
        $listed = [];
        foreach ($choices as $choice) {
            $text = is_array($choice) ? $choice['text'] ?? '' : '';
            $listed[] = Xml::element('li', [], Xml::text(is_string($text) ? $text : ''));
        }

        return Xml::element(
            'aside',
            ['class' => 'task'],
            Xml::element('p', [], Xml::element('strong', [], 'Stop and try: '), Xml::text($pause->prompt)),
            ...$listed === [] ? [] : [Xml::element('ol', ['type' => 'A'], ...$listed)],
        );
    }

    private function answers(): string
    {
        $answers = array_map(
            static fn (Question $question): string => Xml::element('dt', [], Xml::text($question->prompt))
                .Xml::element('dd', [], Xml::text($question->answer())),
            array_values(Questions::in($this->lesson)),
        );

        return self::document(
            'Answers',
            Xml::element('h1', [], 'Answers'),
            $answers === [] ? Xml::element('p', [], 'This lesson asks nothing.') : Xml::element('dl', [], ...$answers),
        );
    }

    private function overlay(int $number, FrozenChapter $chapter): string
    {
        $pars = [];
        foreach ($this->cues($chapter) as $line => $cue) {
            [$stage, $from, $to] = $this->placed($cue);
            $pars[] = Xml::element(
                'par',
                ['id' => "par-{$line}"],
                Xml::element('text', ['src' => "slide-{$number}.xhtml#line-{$line}"]),
                Xml::element('audio', [
                    'src' => "sound-{$stage}.m4a",
                    'clipBegin' => self::clock($from),
                    'clipEnd' => self::clock($to),
                ]),
            );
        }

        return Xml::HEAD.Xml::element(
            'smil',
            ['xmlns' => 'http://www.w3.org/ns/SMIL', 'xmlns:epub' => 'http://www.idpf.org/2007/ops', 'version' => '3.0'],
            Xml::element('body', [], Xml::element('seq', ['id' => 'slide', 'epub:textref' => "slide-{$number}.xhtml#said"], ...$pars)),
        );
    }

    private function heard(FrozenChapter $chapter): float
    {
        return array_sum(array_map(function (Cue $cue): float {
            [, $from, $to] = $this->placed($cue);

            return $to - $from;
        }, $this->cues($chapter)));
    }

    /** @return array{int, float, float} the stage in whose sound a line is heard, and from when to when in it, in whole milliseconds */
    private function placed(Cue $cue): array
    {
        foreach ($this->stages as $number => $stage) {
            if ($cue->from < $stage->to) {
                $from = max(0.0, $cue->from - $stage->from);

                return [$number, round($from), max(round($from) + 1, round(min($cue->to, $stage->to) - $stage->from))];
            }
        }

        return [array_key_last($this->stages) ?? 0, 0.0, 1.0];
    }

    /** @return list<Cue> what is said on a slide */
    private function cues(FrozenChapter $chapter): array
    {
        return array_values(array_filter(
            $this->frozen->captions,
            static fn (Cue $cue): bool => $chapter->at <= $cue->from && $cue->from < $chapter->until,
        ));
    }

    /** @param  array<string, string>  $more */
    private static function item(string $id, string $file, string $type, array $more = []): string
    {
        return Xml::element('item', ['id' => $id, 'href' => $file, 'media-type' => $type] + $more);
    }

    private static function document(string $title, string ...$body): string
    {
        return Xml::HEAD.Xml::element(
            'html',
            ['xmlns' => 'http://www.w3.org/1999/xhtml', 'xmlns:epub' => 'http://www.idpf.org/2007/ops', 'xml:lang' => 'en', 'lang' => 'en'],
            Xml::element(
                'head',
                [],
                Xml::element('title', [], Xml::text($title)),
                Xml::element('link', ['rel' => 'stylesheet', 'type' => 'text/css', 'href' => 'style.css']),
            ),
            Xml::element('body', [], ...$body),
        );
    }

    private static function line(Cue $cue, int $number): string
    {
        return Xml::element('span', ['id' => "line-{$number}"], Xml::text(str_replace("\n", ' ', $cue->text))).' ';
    }

    /** A clock value as SMIL 3.0 has it: “0:01:02.345”. */
    private static function clock(float $milliseconds): string
    {
        $seconds = intdiv((int) round($milliseconds), 1000);
        $rest = (int) round($milliseconds) % 1000;

        return sprintf('%d:%02d:%02d.%03d', intdiv($seconds, 3600), intdiv($seconds, 60) % 60, $seconds % 60, $rest);
    }
}
