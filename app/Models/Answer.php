<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\AnswerFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a student answered to one question.
 *
 * @property list<string>|null $earned_points ids of what it earned its marks by, where the teacher said
 * @property list<array<string, mixed>>|null $earlier tries that were marked and sent back, with the teacher’s words
 * @property bool $again whether the student may try once more
 * @property bool $for_class whether others of the class may read it, without a name
 * @property string|null $file path of what was spoken or drawn
 * @property-read Visit $visit
 */
class Answer extends Model
{
    /** @use HasFactory<AnswerFactory> */
    use HasFactory;

    use HasPublicId;

    protected $table = 'answers';

    protected $guarded = [];

    protected $attributes = ['hinted' => false, 'again' => false, 'gave_up' => false, 'for_class' => false];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'by_teacher' => 'boolean',
            'hinted' => 'boolean',
            'again' => 'boolean',
            'gave_up' => 'boolean',
            'for_class' => 'boolean',
            'earned_points' => 'array',
            'earlier' => 'array',
        ];
    }

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }
}
