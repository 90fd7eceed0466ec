<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A video comes in more than one size, with captions here or there, with or without waiting. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('exports', static function (Blueprint $table): void {
            $table->json('choices')->nullable();
        });
    }
};
