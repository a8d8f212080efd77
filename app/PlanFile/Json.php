<?php

declare(strict_types=1);

namespace App\PlanFile;

use JsonException;
use JsonSerializable;
use OpenGlaze\Core\Document\Entry;
use stdClass;

/**
 * JSON that comes back as it went in: {} stays apart from [], 1.0 from 1, keys keep their order.
 *
 * What is written is canonical: writing what was read from it gives the same bytes.
 */
final class Json
{
    private const DEPTH = 200;

    private const FLAGS = JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE;

    /**
     * @template T of Entry
     *
     * @param  class-string<T>  $as
     * @return T
     *
     * @throws JsonException when it is not JSON or holds something else than one object
     */
    public static function read(string $text, string $as = Entry::class): Entry
    {
        $value = json_decode($text, false, self::DEPTH, JSON_THROW_ON_ERROR);

        return $value instanceof stdClass ? $as::of($value) : throw new JsonException('no JSON object');
    }

    /** On one line, for rows of the database. */
    public static function line(JsonSerializable $object): string
    {
        return json_encode($object, self::FLAGS);
    }

    /** Indented, with a line break at the end, for files. */
    public static function file(mixed $value): string
    {
        return json_encode($value, self::FLAGS | JSON_PRETTY_PRINT)."\n";
    }
}
