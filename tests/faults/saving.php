<?php

declare(strict_types=1);

use App\Lessons\LessonDocument;
use App\Lessons\LessonStore;
use App\Models\Lesson;
use Illuminate\Contracts\Console\Kernel;

// Saves a lesson over and over and says each number once its save is acknowledged.

require __DIR__.'/../../vendor/autoload.php';
(require __DIR__.'/../../bootstrap/app.php')->make(Kernel::class)->bootstrap();

$store = new LessonStore;
for ($number = 1; ; $number++) {
    $lesson = Lesson::query()->firstOrFail();
    $document = ['title' => "Save {$number}", 'media' => (object) []] + $lesson->document()->array();
    $store->save($lesson, LessonDocument::from($document), $lesson->version);
    fwrite(STDOUT, "{$number}\n");
}
