<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Clips come in pieces and are made ready on the queue. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('incoming_clips', static function (Blueprint $table): void {
            $table->string('id', 24)->primary();
            $table->string('user_id', 24)->index();
            $table->string('name');
            $table->string('state', 20);
            $table->float('progress')->default(0);
            $table->string('trouble')->nullable();
            $table->unsignedInteger('pieces')->default(0);
            $table->longText('medium')->nullable();
            $table->longText('poster')->nullable();
            $table->timestamps();
            $table->foreign('user_id')->references('id')->on('users')->cascadeOnDelete();
        });
    }
};
