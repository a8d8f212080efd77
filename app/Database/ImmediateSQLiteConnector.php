<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDO;
use SensitiveParameter;

/** Opens SQLite files so that every transaction takes the write lock at its beginning. */
final class ImmediateSQLiteConnector extends SQLiteConnector
{
    /**
     * @param  string  $dsn
     * @param  string|null  $username
     * @param  string|null  $password
     * @param  array<int, mixed>  $options
     */
    protected function createPdoConnection($dsn, $username, #[SensitiveParameter] $password, $options): PDO
    {
        return new ImmediatePdo($dsn, $username, $password, $options);
    }
}
