<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the camera saw, or a window showed, while a take was recorded. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('footage', static function (Blueprint $table): void {
            $table->string('id', 24)->primary();
            $table->string('take_id', 24)->index();
            $table->string('source', 20);
            $table->string('state', 20);
            $table->unsignedInteger('pieces')->default(0);
            $table->boolean('left_out')->default(false);
            $table->string('trouble')->nullable();
            $table->timestamps();
            $table->foreign('take_id')->references('id')->on('takes')->cascadeOnDelete();
        });
    }
};
