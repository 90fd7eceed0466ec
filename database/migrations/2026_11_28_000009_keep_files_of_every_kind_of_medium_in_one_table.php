<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/** The table of pictures holds the files of every kind of medium; the type of each says which. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::rename('pictures', 'media_files');
    }
};
