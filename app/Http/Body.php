<?php

declare(strict_types=1);

namespace App\Http;

use App\PlanFile\Json;
use App\Planning\FieldException;
use Illuminate\Http\Request;
use JsonException;
use stdClass;

/** The JSON object that a page sent, with {} and [] and 1 and 1.0 as they were; nothing sent is an empty one. */
final class Body
{
    private const MOST_BYTES = 1024 * 1024;

    public static function of(Request $request): stdClass
    {
        $text = $request->getContent();
        if (strlen($text) > self::MOST_BYTES) {
            throw FieldException::at(['form' => 'That is more than can be read at once.']);
        }
        if (in_array(trim($text), ['', '[]'], true)) {
            return new stdClass;
        }
        try {
            return Json::object($text);
        } catch (JsonException) {
            throw FieldException::at(['form' => 'The page sent something that cannot be read. Reload it and try again.']);
        }
    }
}
