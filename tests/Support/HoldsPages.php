<?php

declare(strict_types=1);

namespace Tests\Support;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use stdClass;
use Symfony\Component\Process\Process;

/** Holds pages to what they say that they are handed. */
trait HoldsPages
{
    /** What every page knows, and Inertia's own. */
    private const SHARED = ['units', 'studio_id', 'studio', 'no_substitute', 'rehearsal', 'said', 'undo', 'errors'];

    private static ?stdClass $pages = null;

    protected function hold(string $url): void
    {
        $page = $this->get($url)->assertOk()->viewData('page');
        self::assertIsArray($page);
        $props = json_decode((string) json_encode($page['props'], JSON_PRESERVE_ZERO_FRACTION), flags: JSON_THROW_ON_ERROR);
        self::assertInstanceOf(stdClass::class, $props);
        foreach (self::SHARED as $shared) {
            unset($props->{$shared});
        }
        $says = self::pages()->properties->{$page['component']} ?? null;
        self::assertInstanceOf(stdClass::class, $says, $page['component']);
        self::assertSame([], array_values(array_diff(array_keys(get_object_vars($props)), array_keys(get_object_vars($says->properties)))), "$url: handed and never asked for");
        $error = (new Validator)->validate($props, $says)->error();
        self::assertSame('', $error === null ? '' : $url.' '.json_encode((new ErrorFormatter)->format($error), JSON_UNESCAPED_SLASHES));
    }

    private static function pages(): stdClass
    {
        if (self::$pages === null) {
            $text = (new Process(['node', 'tests/Feature/Pages/schema.mjs'], __DIR__.'/../..'))->mustRun()->getOutput();
            $pages = json_decode($text, flags: JSON_THROW_ON_ERROR);
            self::assertInstanceOf(stdClass::class, $pages);
            self::$pages = $pages;
        }

        return self::$pages;
    }
}
