<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An answer may be read by the class when the teacher lets it through; what was spoken or drawn lies in a file; practising goes on. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('answers', static function (Blueprint $table): void {
            $table->boolean('for_class')->default(false);
            $table->string('file')->nullable();
        });
        Schema::table('visits', static function (Blueprint $table): void {
            $table->json('drills')->nullable();
        });
    }
};
