<?php

declare(strict_types=1);

namespace Tests\App;

use App\School\Backup;
use App\School\Verification;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Schema;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;

/** A database of every version that has landed is brought up to date, and holds afterwards what it held before. */
class MigrationTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function schemas(): iterable
    {
        foreach (glob(__DIR__.'/schemas/*.sql') ?: [] as $file) {
            yield basename($file, '.sql') => [$file];
        }
    }

    #[DataProvider('schemas')]
    public function test_an_older_database_is_brought_up_to_date(string $schema): void
    {
        $file = tempnam(sys_get_temp_dir(), 'sqlite');
        $pdo = new PDO("sqlite:{$file}");
        $pdo->exec((string) file_get_contents($schema));
        $pdo->exec(self::rows());
        config([
            'database.connections.older' => ['database' => $file] + config('database.connections.sqlite'),
            'database.default' => 'older',
        ]);
        $this->artisan('migrate', ['--force' => true])->assertSuccessful();

        $this->assertSame(self::shape('sqlite'), self::shape('older'));
        $this->assertSame(
            '{"title":"Old","media":{},"aims":[],"parts":[{"slides":[{"blocks":[{"reveals":{},"content":{"items":[]}}]}]}]}',
            DB::table('revisions')->value('document'),
        );
        $tracks = json_decode((string) DB::table('releases')->value('programme'), true)['tracks'];
        $this->assertSame(
            [['from' => 0, 'to' => 1500, 'slide' => 'one', 'step' => 0], ['from' => 1500, 'to' => 4000, 'slide' => 'one', 'step' => 1]],
            $tracks['steps'],
        );
        $this->assertSame(
            [[2000, 4000], [2500, 3000]],
            array_map(static fn (array $stroke): array => [$stroke['from'], $stroke['to']], $tracks['ink']),
        );
        $this->assertSame([['from' => 100, 'to' => 900, 'x' => 5, 'y' => 6]], $tracks['pointer']);
        // What a child that was taken out long ago left behind is gone, and what others did is there.
        $this->assertSame(['kept'], DB::table('answers')->pluck('id')->all());
        DB::table('students')->where('id', 'ada')->delete();
        $this->assertSame(0, DB::table('answers')->count());
        $this->assertSame('ok', DB::selectOne('PRAGMA integrity_check')->integrity_check);
        config(['database.default' => 'sqlite']);
        DB::purge('older');
        unlink($file);
    }

    /** @return iterable<string, array{string}> */
    public static function landed(): iterable
    {
        foreach (glob(__DIR__.'/schemas/landed/*.sql') ?: [] as $file) {
            yield basename($file, '.sql') => [$file];
        }
    }

    /** What was migrated already is known there, and only what came since is run. */
    #[DataProvider('landed')]
    public function test_a_database_as_it_landed_last_is_brought_up_to_date_with_its_lessons_in_place(string $schema): void
    {
        $file = tempnam(sys_get_temp_dir(), 'sqlite');
        $pdo = new PDO("sqlite:{$file}");
        $pdo->exec((string) file_get_contents($schema));
        $pdo->exec(<<<'SQL'
            INSERT INTO users (id, name, email, password) VALUES ('rowan', 'Rowan', 'rowan@larkfield.example', 'x');
            INSERT INTO series (id, user_id, title) VALUES ('sun', 'rowan', 'The Sun');
            INSERT INTO lessons (id, user_id, series_id, place, title) VALUES ('noon', 'rowan', 'sun', 3, 'Noon');
            SQL);
        config([
            'database.connections.older' => ['database' => $file] + config('database.connections.sqlite'),
            'database.default' => 'older',
        ]);
        $this->artisan('migrate', ['--force' => true])->assertSuccessful();
        $this->assertSame(self::shape('sqlite'), self::shape('older'));
        $lesson = DB::table('lessons')->first(['title', 'place', 'series_id', 'put_away_at']);
        $this->assertSame(['title' => 'Noon', 'place' => 3, 'series_id' => 'sun', 'put_away_at' => null], (array) $lesson);
        $this->assertSame(0, DB::table('series')->value('place'));
        config(['database.default' => 'sqlite']);
        DB::purge('older');
        unlink($file);
    }

    #[DataProvider('schemas')]
    public function test_a_backup_of_an_older_database_is_read(string $schema): void
    {
        $folder = sys_get_temp_dir().'/backup-'.bin2hex(random_bytes(6));
        mkdir($folder);
        $pdo = new PDO("sqlite:{$folder}/".Backup::DATABASE);
        $pdo->exec((string) file_get_contents($schema));
        $pdo->exec(self::rows());
        $pdo->exec("INSERT INTO pictures (user_id, sha256, type, bytes) VALUES ('rowan', 'abcd', 'image/png', 4)");
        $pdo->exec("UPDATE releases SET state = 'ready'");
        file_put_contents($folder.'/'.Backup::MANIFEST, json_encode([
            'format' => 'daybright-backup',
            'database' => hash_file('sha256', $folder.'/'.Backup::DATABASE),
            'files' => (object) [],
        ], JSON_THROW_ON_ERROR));
        $this->assertSame(['pictures/ab/abcd', 'releases/shared/sound.webm'], Verification::verify($folder)->missing());
        File::deleteDirectory($folder);
    }

    public function test_migrations_that_have_landed_are_as_they_were(): void
    {
        // A landed migration is never changed: another one follows it.
        $landed = [
            '2026_11_24_000001_create_tables.php' => '1131b4451525196aafecc15560f0bc51f142ec1ec91c007a953f40dc6e22e6fd',
            '2026_11_28_000001_write_empty_objects_of_documents_as_objects.php' => '7aa469e11c4aad82463b7b2618f9c9882e4e76d34d3ca3374732b846bcee0438',
            '2026_11_28_000002_end_sessions_of_students_and_bound_what_counts_as_watched.php' => '4281df495ee304ad0926c30f439f3f4390f3a845b56a774b1cd28905e1f25e3d',
            '2026_11_28_000003_connect_tables_of_older_databases.php' => '1359fd326d5d2ba635bb6e09b6ba0a22f46fabe1696fcb1501cc653328250990',
            '2026_11_28_000004_create_password_links.php' => '2bda9ac9b318e725a43c66448367a96deeef1d07f812411ddabb1a54482d541e',
            '2026_11_28_000005_write_what_happens_in_shared_lessons_as_tracks.php' => '80982fb1d6830b94ff5fee947e572085f54213a28097290daa2cd6391fe1fea7',
            '2026_11_28_000006_keep_what_is_painted_of_a_slide.php' => 'e66802dfecb776fd80e4fdf24d60026cfdd7883c71a06ab30c9b85124b8a7870',
            '2026_11_28_000007_make_exports_of_any_format.php' => '74d13b4afc4a8c7ca9244b0694e0bd237e1dcefbe557f7da8ecdf53dd581f5b2',
            '2026_11_28_000008_share_parts_between_versions.php' => '180c77e04912c3ea25fac93e72d77bf7d09bb92d54ae680a982bf97757a25cb6',
            '2026_11_28_000009_keep_files_of_every_kind_of_medium_in_one_table.php' => 'a7f4ab0546a53e33b1be1e866557f91379ec321a93766dfcd2b780d40eb00af4',
        ];
        foreach ($landed as $file => $hash) {
            $this->assertSame($hash, hash_file('sha256', database_path("migrations/{$file}")), $file);
        }
    }

    /** @return array<string, mixed> tables with their columns and where they lead */
    private static function shape(string $connection): array
    {
        $shape = [];
        foreach (Schema::connection($connection)->getTableListing(schemaQualified: false) as $table) {
            $columns = array_map(
                static fn (array $column): array => [$column['name'], $column['nullable']],
                Schema::connection($connection)->getColumns($table),
            );
            $keys = array_map(
                static fn (array $key): array => [$key['columns'], $key['foreign_table'], $key['on_delete']],
                Schema::connection($connection)->getForeignKeys($table),
            );
            sort($keys);
            $shape[$table] = [$columns, $keys];
        }
        ksort($shape);

        return $shape;
    }

    private static function rows(): string
    {
        $document = '{"title":"Old","media":[],"aims":[],"parts":[{"slides":[{"blocks":[{"reveals":[],"content":{"items":[]}}]}]}]}';

        $stroke = '"slide":"one","tool":"pen","colour":"#B3261E","width":8,"points":[[0,1,1]]';
        $programme = '{"title":"Old","length":4000,"full":4000,"slides":{},"captions":[],"chapters":[],"pauses":[],'
            .'"pictures":[{"at":0,"slide":"one","step":0},{"at":1500,"slide":"one","step":1}],'
            ."\"strokes\":[{\"at\":2000,\"until\":null,{$stroke}},{\"at\":2500,\"until\":3000,{$stroke}}],"
            .'"pointer":[{"at":0,"x":null,"y":null},{"at":100,"x":5,"y":6},{"at":900,"x":null,"y":null}]}';

        return <<<SQL
            INSERT INTO users (id, name, email, password) VALUES ('rowan', 'Rowan', 'rowan@larkfield.example', 'x');
            INSERT INTO lessons (id, user_id, title) VALUES ('old', 'rowan', 'Old');
            INSERT INTO revisions (lesson_id, number, document) VALUES ('old', 1, '{$document}');
            INSERT INTO releases (id, lesson_id, number, document, takes, programme) VALUES ('shared', 'old', 1, '{$document}', '[]', '{$programme}');
            INSERT INTO classrooms (id, user_id, name, code) VALUES ('heron', 'rowan', '6 Heron', 'ABCD2345');
            INSERT INTO students (id, classroom_id, name) VALUES ('ada', 'heron', 'Ada');
            INSERT INTO shares (id, lesson_id, classroom_id) VALUES ('share', 'old', 'heron');
            INSERT INTO visits (id, share_id, student_id) VALUES ('visit', 'share', 'ada');
            INSERT INTO visits (id, share_id, student_id) VALUES ('left', 'share', 'gone');
            INSERT INTO answers (id, visit_id, block, given, readable, out_of) VALUES ('kept', 'visit', 'one', '1', '1', 1);
            INSERT INTO answers (id, visit_id, block, given, readable, out_of) VALUES ('orphan', 'left', 'one', '1', '1', 1);
            SQL;
    }
}
