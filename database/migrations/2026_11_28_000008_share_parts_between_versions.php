<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The files of a version are named by what they are made from, so that two versions that sound alike have one file. Older versions keep theirs. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('releases', static function (Blueprint $table): void {
            $table->json('parts')->nullable();
        });
    }
};
