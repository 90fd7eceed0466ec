<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A slide that is brought in is kept as blocks and as it looked, so that its teacher can choose. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('brought_slides', static function (Blueprint $table): void {
            $table->id();
            $table->string('lesson_id', 24);
            $table->string('slide', 40);
            $table->unsignedInteger('number');
            $table->text('left');
            $table->longText('blocks');
            $table->longText('looked');
            $table->text('description');
            $table->longText('drawing');
            $table->unique(['lesson_id', 'slide']);
            $table->foreign('lesson_id')->references('id')->on('lessons')->cascadeOnDelete();
        });
    }
};
