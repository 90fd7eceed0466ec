<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What of a version says when it waits for what lies beside it, so that it is not read with all its pictures. */
return new class extends Migration
{
    private const KEPT = ['title' => true, 'length' => true, 'chapters' => true, 'pauses' => true];

    public function up(): void
    {
        Schema::table('releases', static function (Blueprint $table): void {
            $table->json('outline')->nullable();
        });
        foreach (DB::table('releases')->whereNotNull('programme')->pluck('id') as $id) {
            $programme = json_decode((string) DB::table('releases')->where('id', $id)->value('programme'), true);
            if (isset($programme['chapters'])) {
                DB::table('releases')->where('id', $id)->update(['outline' => json_encode(array_intersect_key($programme, self::KEPT))]);
            }
        }
    }
};
