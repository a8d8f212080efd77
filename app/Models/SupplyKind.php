<?php

declare(strict_types=1);

namespace App\Models;

/** What stands on the shelf beside resins. */
enum SupplyKind: string
{
    case Vessel = 'vessel';
    case Colourant = 'colourant';
    case Recipe = 'recipe';

    /** The list of the plan file that holds such entries. */
    public function list(): string
    {
        return $this->value.'s';
    }
}
