<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

/** A comma before exactly three digits: a decimal comma, or thousands. Of what can be large it is asked rather than guessed. */
final class Thousands
{
    public static function mayBeMeant(string $written): bool
    {
        return preg_match('/(?<![\d.,])[1-9]\d{0,2},\d{3}(?!\d)/', $written) === 1;
    }
}
