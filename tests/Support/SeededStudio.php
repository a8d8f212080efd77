<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;

/** A seeded studio, seeded once and laid again for every test that wants it: its rows and its files. */
final class SeededStudio
{
    private const AT_A_TIME = 40;

    /** @var array<string, array{array<string, list<array<string, mixed>>>, array<string, string>}> rows by table and files by path, by seeder */
    private static array $kept = [];

    /** @param  callable(): mixed  $seed */
    public static function load(string $seeder, callable $seed): void
    {
        if (! isset(self::$kept[$seeder])) {
            $seed();
            self::$kept[$seeder] = [self::rows(), self::files()];

            return;
        }
        [$rows, $files] = self::$kept[$seeder];
        DB::transaction(static function () use ($rows): void {
            DB::statement('PRAGMA defer_foreign_keys = ON');
            foreach ($rows as $table => $entries) {
                // the studio that migrations made has another name
                DB::table($table)->delete();
                foreach (array_chunk($entries, self::AT_A_TIME) as $chunk) {
                    DB::table($table)->insert($chunk);
                }
            }
        });
        foreach ($files as $path => $content) {
            Storage::put($path, $content);
        }
    }

    /** @return array<string, list<array<string, mixed>>> */
    private static function rows(): array
    {
        $rows = [];
        foreach (Schema::getTableListing(schemaQualified: false) as $table) {
            if ($table !== 'migrations') {
                $rows[$table] = DB::table($table)->get()->map(fn (object $row): array => (array) $row)->all();
            }
        }

        return $rows;
    }

    /** @return array<string, string> */
    private static function files(): array
    {
        $files = [];
        foreach (Storage::allFiles() as $path) {
            $files[$path] = (string) Storage::get($path);
        }

        return $files;
    }
}
