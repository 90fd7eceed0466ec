<?php

declare(strict_types=1);

namespace App\Console;

use Daybright\Lesson\Fields;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Question;

/** How a question would mark an answer. */
class MarkQuestion extends JsonCommand
{
    protected $signature = 'question:mark';

    protected $description = 'Read {"question": {"type": …, …}, "given": …} and write {"marks": …, "of": …, "sentence": …}';

    protected function answer(array $asked): array
    {
        $fields = new Fields($asked);
        $content = $fields->fields('question')->raw();
        // An answer may be given as it is written: “50 N m” for a value and its unit.
        if (isset($content['answer']) && ! isset($content['value'])) {
            $content['value'] = $content['answer'];
        }
        $given = $asked['given'] ?? '';
        $question = Question::from(new Fields($content + ['marks' => 1, 'prompt' => '']));
        try {
            $marking = $question->mark(is_string($given) ? $given : (string) json_encode($given));
        } catch (InvalidAnswer $trouble) {
            // It is said and costs no try: nothing is marked yet.
            return ['marks' => 0, 'of' => $question->marks, 'sentence' => $trouble->getMessage(), 'slip' => null, 'isMarked' => false];
        }

        return [
            'marks' => $marking->earned,
            'of' => $marking->outOf,
            'sentence' => $marking->sentence,
            'slip' => $marking->slip,
            'isMarked' => true,
        ];
    }
}
