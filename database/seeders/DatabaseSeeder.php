<?php

declare(strict_types=1);

namespace Database\Seeders;

use Illuminate\Database\Seeder;

/** The demo studio on an empty database. */
final class DatabaseSeeder extends Seeder
{
    public function run(): void
    {
        $this->call([ShelfSeeder::class, DemoSeeder::class]);
    }
}
