<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A take may go on where another one is left, so that one step is recorded again and what was good is kept. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('takes', static function (Blueprint $table): void {
            $table->string('continues', 24)->nullable();
            $table->unsignedInteger('continues_at')->nullable();
        });
    }
};
