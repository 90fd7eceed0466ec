<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Lessons that are not needed for now are put away, and series stand in an order of the teacher's. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('lessons', static function (Blueprint $table): void {
            $table->timestamp('put_away_at')->nullable();
        });
        Schema::table('series', static function (Blueprint $table): void {
            $table->unsignedInteger('place')->default(0);
        });
    }
};
