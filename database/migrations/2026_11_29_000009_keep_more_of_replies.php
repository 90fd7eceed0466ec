<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How an answer came about, what the teacher says to it, what students say of the aims, and where they were lost or asked. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('answers', static function (Blueprint $table): void {
            $table->boolean('hinted')->default(false);
            $table->unsignedInteger('seconds')->nullable();
            $table->text('remark')->nullable();
            $table->json('earned_points')->nullable();
            $table->boolean('again')->default(false);
            $table->json('earlier')->nullable();
            $table->boolean('gave_up')->default(false);
        });
        Schema::table('visits', static function (Blueprint $table): void {
            $table->json('aims')->nullable();
            $table->json('asked')->nullable();
        });
        Schema::create('moments', static function (Blueprint $table): void {
            $table->string('id', 24)->primary();
            $table->string('visit_id', 24)->index();
            $table->string('kind', 20);
            $table->float('at');
            $table->string('slide', 40);
            $table->text('text');
            $table->text('reply')->nullable();
            $table->timestamps();
            $table->foreign('visit_id')->references('id')->on('visits')->cascadeOnDelete();
        });
    }
};
