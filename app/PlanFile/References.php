<?php

declare(strict_types=1);

namespace App\PlanFile;

use stdClass;

/** What the objects of a plan file name of the shelf, by where a name stands and not by how it reads. */
final class References
{
    /** @return list<string> ids of the vessel, recipes or colourants ("vessel", "recipe", "colourant") that a batch names */
    public static function ofBatch(stdClass $batch, string $kind): array
    {
        $cups = Dig::objects($batch, 'colours');

        return match ($kind) {
            'vessel' => self::named([$batch], 'vessel'),
            'recipe' => self::named($cups, 'recipe'),
            'colourant' => array_merge(...array_map(self::ofRecipe(...), $cups)),
            default => [],
        };
    }

    /** @return list<string> ids of the colourants that a recipe, or a colour cup of its own, is made of */
    public static function ofRecipe(stdClass $recipe): array
    {
        return self::named(Dig::objects($recipe, 'doses'), 'colourant');
    }

    /**
     * @param  list<stdClass>  $objects
     * @return list<string>
     */
    private static function named(array $objects, string $field): array
    {
        return array_values(array_filter(array_map(static fn (stdClass $one): ?string => Dig::text($one, $field), $objects), is_string(...)));
    }
}
