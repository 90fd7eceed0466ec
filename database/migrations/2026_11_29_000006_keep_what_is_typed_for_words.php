<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The words of a take can be put right by typing, and what was said beside the script can be settled as wanted; what was done can be moved; one sentence can be said again. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('takes', static function (Blueprint $table): void {
            $table->json('wordings')->nullable();
            $table->json('kept')->nullable();
            $table->json('moved')->nullable();
            $table->unsignedInteger('continues_until')->nullable();
            $table->boolean('words_awaited')->default(false);
        });
    }
};
