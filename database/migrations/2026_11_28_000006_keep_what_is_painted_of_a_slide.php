<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A slide is painted and checked once for as long as it stays as it is; what Home shows of a lesson is worked out when it is saved. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('painted_slides', static function (Blueprint $table): void {
            $table->char('hash', 64)->primary();
            $table->longText('view');
            $table->longText('report');
            $table->timestamp('created_at')->nullable();
        });
        Schema::table('lessons', static function (Blueprint $table): void {
            $table->json('outline')->nullable();
        });
        Schema::table('takes', static function (Blueprint $table): void {
            $table->float('seconds_kept')->nullable();
        });
    }
};
