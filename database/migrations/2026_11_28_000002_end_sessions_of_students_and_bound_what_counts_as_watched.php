<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('students', function (Blueprint $table): void {
            // A session of this child carries it; another key ends them all.
            $table->string('session_key', 24)->default('');
        });
        foreach (DB::table('students')->pluck('id') as $id) {
            DB::table('students')->where('id', $id)->update(['session_key' => Str::lower(Str::random(22))]);
        }
        Schema::table('visits', function (Blueprint $table): void {
            // When a place was last told: what was played since cannot be longer than the time that went by.
            $table->timestamp('placed_at')->nullable();
        });
    }
};
