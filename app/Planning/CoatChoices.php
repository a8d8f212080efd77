<?php

declare(strict_types=1);

namespace App\Planning;

use OpenGlaze\Core\Plan\CoatKind;
use OpenGlaze\Core\Plan\SizeBy;

/** What can be chosen for a coat, and what goes only with what: pages repeat no rule of the work. */
final class CoatChoices
{
    /** @return array{kinds: list<array{value: string, needs: string|null}>, sizes: list<array{value: string, needs: string|null, can_be_mixed: bool}>} "needs" is how the film must end */
    public static function all(): array
    {
        return [
            'kinds' => array_map(static fn (CoatKind $kind): array => ['value' => $kind->value, 'needs' => $kind->needs()?->value], CoatKind::cases()),
            'sizes' => array_map(static fn (SizeBy $by): array => [
                'value' => $by->value,
                'needs' => $by->needs()?->value,
                'can_be_mixed' => $by->canBeMixed(),
            ], SizeBy::cases()),
        ];
    }
}
