<?php

declare(strict_types=1);

// The usual cautions, by the act that they belong to.
return [
    'breath' => [
        'out_only' => 'Out only, never in; not with a mask on: take the pin.',
    ],
    'demould' => [
        'edges' => 'Cured edges cut like glass: gloves; drilling dust as for sanding.',
    ],
    'flame' => [
        'catches_fire' => 'Liquid resin itself can catch fire: never still, never into a plastic or silicone cup.',
        'gloves_off' => 'Sticky gloves off; no solvent, spirit, aerosol or tissue near, on this piece or its neighbours.',
        'hair' => 'Hair and sleeves tied; extinguisher and fire blanket in reach.',
        'point_away' => 'Point it away, never leave it lit; never on silicone, plastic film, foam or tape.',
        'refill' => 'Refill it cold, valve shut, in moving air and as its maker says; let it rest before lighting.',
    ],
    'food' => [
        'not_food_safe' => 'Not food-safe unless its maker certifies it, and it softens under hot cups: for dry or display use.',
    ],
    'heat_gun' => [
        'no_solvent' => 'No solvent, spirit or aerosol near; not on plastic film, foam or tape.',
        'nozzle' => 'The nozzle stays hot: put it on its stand.',
    ],
    'lifting' => [
        'heavy' => 'A dammed tabletop is heavy: two people; leads off the wet bench.',
    ],
    'mix' => [
        'air' => 'Move air out of the room; keep children and animals out.',
        'data_sheet' => 'Follow the maker\'s data sheet.',
        'gloves' => 'Nitrile gloves, eye protection, covered arms: epoxy sensitises for life.',
        'skin' => 'Resin on skin: soap and water, never solvent.',
    ],
    'no_substitute' => 'No substitute for the maker\'s safety data sheet, for local rules on fire, ventilation, waste and work, or for a licensed trade.',
    'polyester' => [
        'catalyst' => 'The catalyst is a strong oxidiser and blinds: goggles, away from heat, never in contact with an accelerator.',
        'vapour' => 'Strong vapour: outdoors or extracted, a respirator for organic vapour, no flame, no sparks.',
    ],
    'powder' => [
        'mask' => 'Dust mask; blow off away from faces and wet work.',
    ],
    'sanding' => [
        'cured_only' => 'Cured only. Dust mask (P2/N95 or better) and eye protection, wet or extracted; clean up before the next pour.',
    ],
    'solvent' => [
        'vapour' => 'Flammable vapour: moving air, no flame, no sparks; rags flat to dry, outdoors. Wash skin with soap and water, never with solvent.',
    ],
];
