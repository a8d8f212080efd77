<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Support;

use LogicException;
use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\SaidException;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Wording\Catalogue;
use OpenGlaze\Core\Wording\Sayer;

/** The English catalogues that ship with the application, read without it. */
final class English implements Catalogue
{
    /** @var array<string, mixed> */
    private static array $files = [];

    public static function speaker(UnitSystem $units = UnitSystem::Metric): Speaker
    {
        return new Sayer(new self, $units);
    }

    /** Nothing, where nothing is said. */
    public static function say(?Message $message, UnitSystem $units = UnitSystem::Metric): string
    {
        return $message === null ? '' : self::speaker($units)->say($message);
    }

    /** @param  list<Advice>  $advice */
    public static function advice(array $advice): string
    {
        return implode(' ', array_map(static fn (Advice $one): string => self::say($one->said), $advice));
    }

    /**
     * What is said when it is refused; nothing, when it is not.
     *
     * @param  callable(): mixed  $do
     */
    public static function refusal(callable $do): string
    {
        try {
            $do();
        } catch (SaidException $refusal) {
            return self::say($refusal->said);
        }

        return '';
    }

    public function line(string $key): string
    {
        [$file] = explode('.', $key);
        $line = self::$files[$file] ??= require __DIR__."/../../../lang/en/$file.php";
        foreach (array_slice(explode('.', $key), 1) as $part) {
            $line = is_array($line) ? $line[$part] ?? null : null;
        }

        return is_string($line) ? $line : throw new LogicException("No catalogue says $key.");
    }
}
