<?php

declare(strict_types=1);

namespace App\Formats\TextDocument;

use App\Formats\BroughtSlides\SlidesReader;
use App\Formats\ImportedLesson;
use App\Models\User;
use Daybright\Format\Readers\TextDocument\OutlineSlides;
use Daybright\Format\UnreadableText;
use League\CommonMark\Environment\Environment;
use League\CommonMark\Extension\CommonMark\CommonMarkCoreExtension;
use League\CommonMark\Extension\CommonMark\Node\Block\BlockQuote;
use League\CommonMark\Extension\CommonMark\Node\Block\FencedCode;
use League\CommonMark\Extension\CommonMark\Node\Block\Heading;
use League\CommonMark\Extension\CommonMark\Node\Block\IndentedCode;
use League\CommonMark\Extension\CommonMark\Node\Block\ListBlock;
use League\CommonMark\Extension\CommonMark\Node\Block\ListItem;
use League\CommonMark\Extension\CommonMark\Node\Inline\Code;
use League\CommonMark\Extension\CommonMark\Node\Inline\Image;
use League\CommonMark\Extension\Table\Table;
use League\CommonMark\Extension\Table\TableExtension;
use League\CommonMark\Extension\Table\TableSection;
use League\CommonMark\Node\Block\Paragraph;
use League\CommonMark\Node\Inline\Newline;
use League\CommonMark\Node\Inline\Text;
use League\CommonMark\Node\Node;
use League\CommonMark\Parser\MarkdownParser;

/** A text in Markdown (CommonMark 0.31, with tables): each of its headings begins a slide. */
final class MarkdownReader extends SlidesReader
{
    private const LARGEST = 2_000_000;

    /** Lists, quotations and emphasis within one another. */
    private const DEEPEST = 50;

    public static function name(): string
    {
        return 'markdown';
    }

    public static function label(): string
    {
        return 'Text with headings (Markdown)';
    }

    public static function accepts(): array
    {
        return ['.md', '.markdown'];
    }

    /** A text is Markdown if it has a heading. */
    public function recognises(string $path): bool
    {
        $text = (string) file_get_contents($path, length: self::LARGEST);

        return ! str_contains($text, "\0")
            && mb_check_encoding($text, 'UTF-8')
            && preg_match('/^(?:#{1,6}[ \t]+\S|[^\n<{]*\n(?:=+|-+)[ \t]*$)/m', $text) === 1;
    }

    public function read(User $teacher, string $path, string $name): ImportedLesson
    {
        if (filesize($path) > self::LARGEST) {
            throw UnreadableText::tooLong();
        }
        $environment = new Environment(['max_nesting_level' => self::DEEPEST]);
        $environment->addExtension(new CommonMarkCoreExtension);
        $environment->addExtension(new TableExtension);
        $slides = new OutlineSlides;
        foreach ((new MarkdownParser($environment))->parse((string) file_get_contents($path))->children() as $block) {
            self::take($block, $slides, -1);
        }

        return $this->lesson($slides->slides(), pathinfo($name, PATHINFO_FILENAME), static fn (): null => null);
    }

    /** @param  int  $level of the list that it stands in; −1 for none */
    private static function take(Node $block, OutlineSlides $slides, int $level): void
    {
        if ($block instanceof Heading) {
            $slides->heading(self::words($block));
        } elseif ($block instanceof Paragraph) {
            $level < 0 ? $slides->paragraph(self::words($block)) : $slides->point(self::words($block), $level);
            self::tellOfPictures($block, $slides);
        } elseif ($block instanceof FencedCode || $block instanceof IndentedCode) {
            foreach (explode("\n", $block->getLiteral()) as $line) {
                $slides->paragraph($line);
            }
        } elseif ($block instanceof Table) {
            self::table($block, $slides);
        } elseif ($block instanceof ListBlock || $block instanceof ListItem || $block instanceof BlockQuote) {
            foreach ($block->children() as $inner) {
                self::take($inner, $slides, $level + (int) ($block instanceof ListBlock));
            }
        }
    }

    private static function table(Table $table, OutlineSlides $slides): void
    {
        $rows = [];
        foreach ($table->children() as $section) {
            foreach ($section instanceof TableSection ? $section->children() : [] as $row) {
                $cells = [];
                foreach ($row->children() as $cell) {
                    $cells[] = self::words($cell);
                }
                $rows[] = $cells;
            }
        }
        $slides->table($rows, true);
    }

    /** A text carries no files: its pictures lie elsewhere, and nothing is fetched. */
    private static function tellOfPictures(Node $block, OutlineSlides $slides): void
    {
        foreach ($block->iterator() as $node) {
            if ($node instanceof Image) {
                $slides->leaveOut('the picture “'.mb_substr($node->getUrl(), 0, 80).'”');
            }
        }
    }

    private static function words(Node $within): string
    {
        $words = '';
        foreach ($within->iterator() as $node) {
            $words .= match (true) {
                $node instanceof Text, $node instanceof Code => $node->getLiteral(),
                $node instanceof Newline => ' ',
                default => '',
            };
        }

        return $words;
    }
}
