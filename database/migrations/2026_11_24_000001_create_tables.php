<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('users', function (Blueprint $table): void {
            $table->string('id', 24)->primary();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->string('user_id', 24)->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('series', function (Blueprint $table): void {
            $table->string('id', 24)->primary();
            $table->string('user_id', 24)->index();
            $table->string('title');
            $table->timestamps();
            $table->foreign('user_id')->references('id')->on('users')->cascadeOnDelete();
        });
        Schema::create('lessons', function (Blueprint $table): void {
            $table->string('id', 24)->primary();
            $table->string('user_id', 24)->index();
            $table->string('series_id', 24)->nullable()->index();
            $table->unsignedInteger('place')->default(1);
            $table->string('title');
            // Counts every change, undo included: a save names the version it was made from.
            $table->unsignedInteger('version')->default(1);
            // The revision that is shown now.
            $table->unsignedInteger('revision')->default(1);
            $table->timestamps();
            $table->foreign('user_id')->references('id')->on('users')->cascadeOnDelete();
            $table->foreign('series_id')->references('id')->on('series')->nullOnDelete();
        });
        Schema::create('revisions', function (Blueprint $table): void {
            $table->id();
            $table->string('lesson_id', 24);
            $table->unsignedInteger('number');
            $table->longText('document');
            // A save that came too late is kept here, beside the line of revisions.
            $table->boolean('set_aside')->default(false);
            $table->timestamps();
            $table->index(['lesson_id', 'number']);
            $table->foreign('lesson_id')->references('id')->on('lessons')->cascadeOnDelete();
        });
        Schema::create('pictures', function (Blueprint $table): void {
            $table->id();
            $table->string('user_id', 24);
            $table->string('sha256', 64);
            $table->string('type', 40);
            $table->unsignedInteger('bytes');
            $table->timestamps();
            $table->unique(['user_id', 'sha256']);
            $table->foreign('user_id')->references('id')->on('users')->cascadeOnDelete();
        });
        Schema::create('takes', function (Blueprint $table): void {
            $table->string('id', 24)->primary();
            $table->string('lesson_id', 24)->index();
            $table->string('slide', 40);
            $table->string('source', 20);
            $table->string('state', 20)->default('recording');
            $table->boolean('chosen')->default(false);
            $table->unsignedInteger('length')->default(0);
            $table->longText('events')->nullable();
            $table->longText('cuts')->nullable();
            $table->longText('waveform')->nullable();
            $table->float('loudness')->nullable();
            $table->string('trouble')->nullable();
            $table->timestamps(6);
            $table->foreign('lesson_id')->references('id')->on('lessons')->cascadeOnDelete();
        });
        Schema::create('pieces', function (Blueprint $table): void {
            $table->id();
            $table->string('take_id', 24);
            $table->unsignedInteger('number');
            $table->string('sha256', 64);
            $table->longText('events');
            $table->unique(['take_id', 'number']);
            $table->foreign('take_id')->references('id')->on('takes')->cascadeOnDelete();
        });
        Schema::create('classrooms', function (Blueprint $table): void {
            $table->string('id', 24)->primary();
            $table->string('user_id', 24)->index();
            $table->string('name');
            $table->string('code', 12)->unique();
            $table->timestamps();
            $table->foreign('user_id')->references('id')->on('users')->cascadeOnDelete();
        });
        Schema::create('students', function (Blueprint $table): void {
            $table->string('id', 24)->primary();
            $table->string('classroom_id', 24)->index();
            $table->string('name', 40);
            $table->string('word')->nullable();
            $table->timestamps();
            $table->foreign('classroom_id')->references('id')->on('classrooms')->cascadeOnDelete();
        });
        Schema::create('releases', function (Blueprint $table): void {
            $table->string('id', 24)->primary();
            $table->string('lesson_id', 24)->index();
            $table->unsignedInteger('number');
            $table->string('state', 20)->default('making');
            $table->longText('document');
            $table->longText('takes');
            $table->longText('programme')->nullable();
            $table->string('trouble')->nullable();
            $table->timestamps();
            $table->foreign('lesson_id')->references('id')->on('lessons')->cascadeOnDelete();
        });
        Schema::create('shares', function (Blueprint $table): void {
            $table->string('id', 24)->primary();
            $table->string('lesson_id', 24)->index();
            $table->string('classroom_id', 24);
            $table->string('release_id', 24)->nullable();
            $table->text('instructions')->nullable();
            $table->date('due')->nullable();
            $table->timestamps();
            $table->unique(['lesson_id', 'classroom_id']);
            $table->foreign('lesson_id')->references('id')->on('lessons')->cascadeOnDelete();
            $table->foreign('classroom_id')->references('id')->on('classrooms')->cascadeOnDelete();
            $table->foreign('release_id')->references('id')->on('releases')->nullOnDelete();
        });
        Schema::create('visits', function (Blueprint $table): void {
            $table->string('id', 24)->primary();
            $table->string('share_id', 24);
            $table->string('student_id', 24);
            $table->float('position')->default(0);
            $table->float('furthest')->default(0);
            $table->timestamp('handed_in_at')->nullable();
            $table->timestamps();
            $table->unique(['share_id', 'student_id']);
            $table->foreign('share_id')->references('id')->on('shares')->cascadeOnDelete();
            $table->foreign('student_id')->references('id')->on('students')->cascadeOnDelete();
        });
        Schema::create('answers', function (Blueprint $table): void {
            $table->string('id', 24)->primary();
            $table->string('visit_id', 24);
            $table->string('block', 40);
            $table->text('given');
            $table->text('readable');
            $table->unsignedInteger('earned')->nullable();
            $table->unsignedInteger('out_of');
            $table->boolean('by_teacher')->default(false);
            $table->timestamps();
            $table->unique(['visit_id', 'block']);
            $table->foreign('visit_id')->references('id')->on('visits')->cascadeOnDelete();
        });
        Schema::create('exports', function (Blueprint $table): void {
            $table->string('id', 24)->primary();
            $table->string('release_id', 24)->index();
            $table->string('state', 20)->default('waiting');
            $table->float('progress')->default(0);
            $table->string('trouble')->nullable();
            $table->unsignedBigInteger('bytes')->default(0);
            $table->timestamps();
            $table->foreign('release_id')->references('id')->on('releases')->cascadeOnDelete();
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
        Schema::create('cache', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration');
        });
        Schema::create('cache_locks', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->string('owner');
            $table->integer('expiration');
        });
    }

    public function down(): void
    {
        foreach (['cache_locks', 'cache', 'failed_jobs', 'jobs', 'exports', 'answers', 'visits', 'shares', 'releases', 'students', 'classrooms', 'pieces', 'takes', 'pictures', 'revisions', 'lessons', 'series', 'sessions', 'users'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
