<?php

declare(strict_types=1);

namespace App\Planning;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Range\Range;
use OpenGlaze\Core\Range\RangesDocument;

/** How sure the figures of a page are, by the names that its explanations go by. */
final class RangeAnswer
{
    /** Explained by another name than the result file's. */
    private const EXPLAINED_AS = ['total_ml' => 'total'];

    /** @param  array<string, Range>  $ranges  by figure */
    public static function of(array $ranges, Speaker $say): Entry
    {
        $answer = [];
        foreach ($ranges as $figure => $range) {
            $answer[self::EXPLAINED_AS[$figure] ?? $figure] = RangesDocument::range($range, $say);
        }

        return Entry::from($answer);
    }
}
