<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The teacher says what each class may do with a lesson: keep it on a device, see which parts from when, in which order. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shares', static function (Blueprint $table): void {
            $table->string('keeping', 10)->default('sealed');
            $table->boolean('in_any_order')->default(false);
            $table->boolean('answers_after_due')->default(false);
            $table->json('parts')->nullable();
        });
    }
};
