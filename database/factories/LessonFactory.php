<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Lessons\BlankLesson;
use App\Lessons\LessonDocument;
use App\Lessons\LessonStore;
use App\Models\Lesson;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Collection;

/**
 * A lesson with its first revision, kept as the program keeps it.
 *
 * @extends Factory<Lesson>
 */
final class LessonFactory extends Factory
{
    protected $model = Lesson::class;

    private ?LessonDocument $document = null;

    public function definition(): array
    {
        return ['user_id' => User::factory()];
    }

    public function holding(LessonDocument $document): static
    {
        $factory = $this->newInstance();
        $factory->document = $document;

        return $factory;
    }

    /** @param  array<string, mixed>  $arguments */
    protected function newInstance(array $arguments = []): static
    {
        $factory = parent::newInstance($arguments);
        $factory->document = $this->document;

        return $factory;
    }

    /** @param  Collection<int, Model>  $results */
    protected function store(Collection $results): void
    {
        $document = $this->document ?? BlankLesson::document(['title' => 'Shadows']);
        $results->whereInstanceOf(Lesson::class)->each(static fn (Lesson $lesson): Lesson => (new LessonStore)->create($lesson, $document));
    }
}
