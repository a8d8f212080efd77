<?php

declare(strict_types=1);

namespace App\Http;

use App\PlanFile\Json;
use App\Typed\FieldException;
use Illuminate\Http\Request;
use JsonException;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Message\Message;

/** The JSON object that a page sent, with {} and [] and 1 and 1.0 as they were; nothing sent is an empty one. */
final class SentJson
{
    private const MOST_BYTES = 1024 * 1024;

    private const DEEPEST = 40;

    /** Fields of objects, all together. */
    private const MOST_FIELDS = 4000;

    /** Numbers, texts and lists in lists, all together. */
    private const MOST_VALUES = 250_000;

    public static function of(Request $request): Entry
    {
        $text = $request->getContent();
        if (strlen($text) > self::MOST_BYTES) {
            throw self::refused('too_much');
        }
        if (in_array(trim($text), ['', '[]'], true)) {
            return Entry::of();
        }
        try {
            $body = Json::read($text);
        } catch (JsonException) {
            throw self::refused('unreadable');
        }
        $fields = $values = 0;
        self::bound($body, 0, $fields, $values);

        return $body;
    }

    /** A text of a query or a form; nothing where a list or nothing was sent. */
    public static function text(Request $request, string $field): string
    {
        $value = $request->input($field);

        return is_scalar($value) && mb_check_encoding($text = (string) $value, 'UTF-8') ? $text : '';
    }

    /** @throws FieldException when it is too deep, holds too much, or a number that none is */
    private static function bound(mixed $value, int $depth, int &$fields, int &$values): void
    {
        if (is_float($value) && ! is_finite($value)) {
            throw self::refused('no_number');
        }
        if ($depth > self::DEEPEST || $fields > self::MOST_FIELDS || ++$values > self::MOST_VALUES) {
            throw self::refused('too_much');
        }
        if ($value instanceof Entry) {
            $inner = $value->fields();
            $fields += count($inner);
        }
        foreach ($inner ?? (is_array($value) ? $value : []) as $one) {
            self::bound($one, $depth + 1, $fields, $values);
        }
    }

    private static function refused(string $code): FieldException
    {
        return FieldException::at(['form' => Message::of('problems.'.$code)]);
    }
}
