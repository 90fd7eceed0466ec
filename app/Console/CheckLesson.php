<?php

declare(strict_types=1);

namespace App\Console;

use App\Lessons\LessonSchema;
use Daybright\Deck\SlidePainter;
use Daybright\Ready\Finding;
use Daybright\Ready\ReadyCheck;

/** The ready check from the shell. */
class CheckLesson extends LessonJsonCommand
{
    protected $signature = 'lesson:check {lesson? : id or title; without it a lesson document is read from standard input}';

    protected $description = 'Check a lesson and write its findings as JSON';

    public function handle(SlidePainter $painter, LessonSchema $schema): int
    {
        $name = $this->argument('lesson');
        $lesson = is_string($name) ? $this->lesson($name) : null;
        $document = $lesson?->document() ?? self::fromInput();
        $read = $schema->check($document);
        $findings = (new ReadyCheck($painter))->of($read, $lesson?->recorded() ?? []);
        $this->output->writeln((string) json_encode(
            ['findings' => array_map(static fn (Finding $each): array => $each->told($read->setAside), $findings)],
            JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT,
        ));

        return self::SUCCESS;
    }
}
