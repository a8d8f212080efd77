<?php

declare(strict_types=1);

namespace App\Http;

use App\Saying\Person;
use App\Typed\FieldException;
use App\Typed\TypedFields;
use Illuminate\Http\Request;
use OpenGlaze\Core\Document\Entry;

/** What a page sent, read in the units of who typed it. */
final class Typed
{
    private const LONGEST_REASON = 500;

    public static function fields(Request $request): TypedFields
    {
        return new TypedFields(Person::of($request)->units);
    }

    /**
     * @param  Entry|null  $body  of it, where not all was typed
     *
     * @throws FieldException with a sentence for each field that cannot be read
     */
    public static function of(Request $request, ?Entry $body = null): Entry
    {
        return self::fields($request)->read($body ?? SentJson::of($request));
    }

    /** The room as it is now. @throws FieldException with a sentence for each field that cannot be read */
    public static function room(Request $request, Entry $body): Entry
    {
        return self::fields($request)->read($body->at('studio'), 'studio.');
    }

    /** Why something is done all the same; null where nobody says. */
    public static function reason(Entry $body): ?string
    {
        $reason = $body->text('reason');

        return $reason === null ? null : mb_substr($reason, 0, self::LONGEST_REASON);
    }
}
