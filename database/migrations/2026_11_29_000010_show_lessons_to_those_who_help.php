<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** A parent or a cover teacher finds what the class is to do at an address of its own, without signing in. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shares', static function (Blueprint $table): void {
            $table->string('overview_id', 24)->nullable()->unique();
        });
        foreach (DB::table('shares')->pluck('id') as $id) {
            DB::table('shares')->where('id', $id)->update(['overview_id' => Str::lower(Str::random(22))]);
        }
    }
};
