<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Documents were kept with [] where an empty object was meant. From here on they are kept as they came. */
return new class extends Migration
{
    /** Every object of the document as it was then. */
    private const OBJECTS = ['media', 'reveals', 'content', 'quantities', 'marks'];

    public function up(): void
    {
        foreach (['revisions', 'releases'] as $table) {
            foreach (DB::table($table)->orderBy('id')->pluck('id') as $id) {
                $document = json_decode((string) DB::table($table)->where('id', $id)->value('document'));
                DB::table($table)->where('id', $id)->update(['document' => json_encode($this->withObjects($document), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION)]);
            }
        }
    }

    private function withObjects(mixed $value): mixed
    {
        if (is_array($value)) {
            return array_map($this->withObjects(...), $value);
        }
        if (! $value instanceof stdClass) {
            return $value;
        }
        foreach (get_object_vars($value) as $name => $item) {
            $value->$name = $item === [] && in_array($name, self::OBJECTS, true) ? new stdClass : $this->withObjects($item);
        }

        return $value;
    }
};
