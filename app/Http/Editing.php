<?php

declare(strict_types=1);

namespace App\Http;

use App\Editing\Edit;
use App\Models\Device;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use OpenGlaze\Core\Document\Entry;

/** Reads who changes what is planned, and which version of it the page had read. */
final class Editing
{
    /** @param  Entry  $body  whose field "read" has the versions */
    public static function by(Request $request, Entry $body): Edit
    {
        $read = [];
        foreach ($body->at('read')->fields() as $kind => $version) {
            if (is_int($version)) {
                $read[(string) $kind] = $version;
            }
        }
        $now = Arrival::of($request);

        return new Edit($read, self::device($request, $now), $now);
    }

    private static function device(Request $request, CarbonImmutable $now): ?string
    {
        [$id, $name] = [...explode(';', (string) $request->headers->get('X-Device'), 2), ''];
        if (! Str::isUuid($id)) {
            return null;
        }
        Device::heard(strtolower($id), mb_substr(trim($name), 0, 60), $now);

        return strtolower($id);
    }
}
