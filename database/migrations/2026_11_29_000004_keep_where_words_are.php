<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Where the words of its script are in a take. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('takes', static function (Blueprint $table): void {
            $table->longText('alignment')->nullable();
        });
    }
};
