<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('password_links', function (Blueprint $table): void {
            // The link itself is kept nowhere: who reads the database cannot use it.
            $table->string('token_hash', 64)->primary();
            $table->string('user_id', 24)->index();
            $table->timestamp('expires_at');
            $table->timestamps();
            $table->foreign('user_id')->references('id')->on('users')->cascadeOnDelete();
        });
    }
};
