<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Databases made before 25 November 2026 have no foreign keys, so that what belonged to a child stayed when the child was taken out. */
return new class extends Migration
{
    /** Switching foreign keys off has no effect within a transaction, and a table that is rebuilt would take its children along. */
    public $withinTransaction = false;

    /** table, column, table it leads to, what happens there; parents before their children. */
    private const KEYS = [
        ['series', 'user_id', 'users', 'cascade'],
        ['lessons', 'user_id', 'users', 'cascade'],
        ['lessons', 'series_id', 'series', 'set null'],
        ['revisions', 'lesson_id', 'lessons', 'cascade'],
        ['pictures', 'user_id', 'users', 'cascade'],
        ['takes', 'lesson_id', 'lessons', 'cascade'],
        ['pieces', 'take_id', 'takes', 'cascade'],
        ['classrooms', 'user_id', 'users', 'cascade'],
        ['students', 'classroom_id', 'classrooms', 'cascade'],
        ['releases', 'lesson_id', 'lessons', 'cascade'],
        ['shares', 'lesson_id', 'lessons', 'cascade'],
        ['shares', 'classroom_id', 'classrooms', 'cascade'],
        ['shares', 'release_id', 'releases', 'set null'],
        ['visits', 'share_id', 'shares', 'cascade'],
        ['visits', 'student_id', 'students', 'cascade'],
        ['answers', 'visit_id', 'visits', 'cascade'],
        ['exports', 'release_id', 'releases', 'cascade'],
    ];

    public function up(): void
    {
        Schema::withoutForeignKeyConstraints(function (): void {
            foreach (self::KEYS as [$table, $column, $parent, $onDelete]) {
                $this->clearAway($table, $column, $parent, $onDelete);
                if (! $this->leads($table, $column)) {
                    Schema::table($table, static fn (Blueprint $blueprint) => $blueprint->foreign($column)->references('id')->on($parent)->onDelete($onDelete));
                }
            }
        });
    }

    private function leads(string $table, string $column): bool
    {
        return array_filter(Schema::getForeignKeys($table), static fn (array $key): bool => $key['columns'] === [$column]) !== [];
    }

    /** What was left behind by something that is gone. */
    private function clearAway(string $table, string $column, string $parent, string $onDelete): void
    {
        $orphans = DB::table($table)->whereNotNull($column)->whereNotIn($column, DB::table($parent)->select('id'));
        $onDelete === 'cascade' ? $orphans->delete() : $orphans->update([$column => null]);
    }
};
