<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;

/** Exports were videos. From here on each says its format, and its file is named by it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('exports', static function (Blueprint $table): void {
            $table->string('format', 40)->default('mp4');
        });
        foreach (DB::table('exports')->where('state', 'ready')->pluck('id') as $id) {
            if (Storage::exists("exports/{$id}/lesson.mp4")) {
                Storage::move("exports/{$id}/lesson.mp4", "exports/{$id}/file.mp4");
            }
        }
    }
};
