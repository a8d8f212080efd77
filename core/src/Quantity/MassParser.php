<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

/** Reads what was weighed as people write it down: "38.2", "38,2 g", "1.2 kg". */
final class MassParser
{
    /**
     * Grams; without a unit in g, since bench scales show those. What range it may have is the field's to judge.
     *
     * @throws QuantityException when it is not one weight
     */
    public static function g(string $written): float
    {
        if (preg_match('/^\s*(.*?)\s*(kg|g|gr|grams?)?\s*$/isu', $written, $found) !== 1) {
            throw QuantityException::notANumber(trim($written));
        }
        if (Thousands::mayBeMeant($found[1])) {
            throw QuantityException::ambiguousComma(trim($written));
        }

        return NumberParser::number($found[1]) * (strtolower($found[2] ?? '') === 'kg' ? 1000.0 : 1.0);
    }
}
