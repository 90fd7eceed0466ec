<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A take is heard as it was recorded, or with hum, hiss and clicks made less. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('takes', static function (Blueprint $table): void {
            $table->boolean('cleaned')->default(false);
            $table->float('cleaned_loudness')->nullable();
        });
    }
};
