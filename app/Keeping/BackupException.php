<?php

declare(strict_types=1);

namespace App\Keeping;

use RuntimeException;

/** A backup cannot be made or brought back; says which, by a code of lang/en/keeping.php. */
final class BackupException extends RuntimeException
{
    /** @param  array<string, string>  $quantities */
    private function __construct(string $code, array $quantities)
    {
        $sentence = __("keeping.$code", $quantities);
        parent::__construct(is_string($sentence) ? $sentence : $code);
    }

    public static function thereAlready(string $folder): self
    {
        return new self('there_already', ['folder' => $folder]);
    }

    public static function none(string $folder): self
    {
        return new self('no_backup', ['folder' => $folder]);
    }

    public static function damaged(string $file): self
    {
        return new self('damaged', ['file' => $file]);
    }

    public static function newer(string $migration): self
    {
        return new self('newer', ['migration' => $migration]);
    }
}
