<?php

declare(strict_types=1);

namespace App\PlanFile;

use OpenGlaze\Core\Message\Message;

/**
 * Finds where a text stops being JSON, since PHP's own decoder does not say.
 *
 * Walks the text by the grammar of RFC 8259 without keeping any values, and no farther than somebody waits.
 */
final class JsonFault
{
    private const DEEPEST = 200;

    private const STRING = '/\G"(?:[^"\\\\\x00-\x1f]|\\\\(?:["\\\\\/bfnrt]|u[0-9a-fA-F]{4}))*+"/';

    private const SCALAR = '/\G(?:true|false|null|-?(?:0|[1-9]\d*)(?:\.\d+)?(?:[eE][+-]?\d+)?)(?![\w.+-])/';

    private const MOST_VALUES = 250_000;

    private int $at = 0;

    private int $values = 0;

    private function __construct(private readonly string $text)
    {
    }

    /** What is wrong, with line and column, or null when the text is JSON. */
    public static function of(string $text): ?Message
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            return Message::of('files.not_utf8');
        }
        $walk = new self($text);
        $fits = $walk->value(0);
        $walk->space();
        if ($fits && $walk->at >= strlen($text)) {
            return null;
        }
        $before = substr($text, 0, $walk->at);
        $line = substr_count($before, "\n") + 1;
        $column = mb_strlen(substr($before, (int) strrpos("\n".$before, "\n"))) + 1;
        if ($walk->values > self::MOST_VALUES) {
            return Message::of('files.not_json_after', line: $line, column: $column);
        }

        return $walk->found($line, $column);
    }

    private function found(int $line, int $column): Message
    {
        $rest = mb_substr(substr($this->text, $this->at), 0, 12);

        return $rest === ''
            ? Message::of('files.ends_too_soon', line: $line, column: $column)
            : Message::of('files.not_json_from', line: $line, column: $column, found: trim(str_replace(["\r", "\n"], ' ', $rest)));
    }

    private function value(int $depth): bool
    {
        $this->space();
        if ($depth > self::DEEPEST || ++$this->values > self::MOST_VALUES) {
            return false;
        }

        return match ($this->text[$this->at] ?? '') {
            '{' => $this->sequence('}', fn (): bool => $this->member($depth)),
            '[' => $this->sequence(']', fn (): bool => $this->value($depth + 1)),
            '"' => $this->take(self::STRING),
            default => $this->take(self::SCALAR),
        };
    }

    private function member(int $depth): bool
    {
        $this->space();

        return $this->take(self::STRING) && $this->sign(':') && $this->value($depth + 1);
    }

    /** @param  callable(): bool  $entry */
    private function sequence(string $end, callable $entry): bool
    {
        $this->at++;
        if ($this->sign($end)) {
            return true;
        }
        do {
            if (! $entry()) {
                return false;
            }
        } while ($this->sign(','));

        return $this->sign($end);
    }

    private function sign(string $sign): bool
    {
        $this->space();
        if (($this->text[$this->at] ?? '') !== $sign) {
            return false;
        }
        $this->at++;

        return true;
    }

    private function take(string $pattern): bool
    {
        if (preg_match($pattern, $this->text, $found, 0, $this->at) !== 1) {
            return false;
        }
        $this->at += strlen($found[0]);

        return true;
    }

    private function space(): void
    {
        $this->at += strspn($this->text, " \t\r\n", $this->at);
    }
}
