<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use OpenGlaze\Core\Document\Entry;

/**
 * A whole stack of coats under a name. Its document holds the coats in the plan file's form, and the
 * key of the resin of each.
 *
 * @property int $id
 * @property string $name
 * @property Entry $document
 */
final class Template extends Model
{
    protected $casts = ['document' => JsonObject::class];
}
