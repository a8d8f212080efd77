<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Safety;

/** The usual cautions, by the act that they belong to. They do not replace the maker's safety data sheet. */
enum Caution: string
{
    case Mix = 'mix';
    case Flame = 'flame';
    case HeatGun = 'heat_gun';
    case Breath = 'breath';

    /** Said once at the first start, on every printed sheet and in the README. */
    public const NO_SUBSTITUTE = 'No substitute for the maker\'s safety data sheet, for local rules on fire, ventilation, waste and work, or for a licensed trade.';

    /**
     * Short sentences, the most pressing first.
     *
     * @return non-empty-list<string>
     */
    public function sentences(): array
    {
        return match ($this) {
            self::Mix => [
                'Nitrile gloves, eye protection, covered arms: epoxy sensitises for life.',
                'Move air out of the room; keep children and animals out.',
                'Resin on skin: soap and water, never solvent.',
                'Follow the maker\'s data sheet.',
            ],
            self::Flame => [
                'Sticky gloves off; no solvent, spirit, aerosol or tissue near, on this piece or its neighbours.',
                'Liquid resin itself can catch fire: never still, never into a plastic or silicone cup.',
                'Hair and sleeves tied; extinguisher and fire blanket in reach.',
                'Point it away, never leave it lit; never on silicone, plastic film, foam or tape.',
                'Refill it cold, valve shut, in moving air and as its maker says; let it rest before lighting.',
            ],
            self::HeatGun => [
                'No solvent, spirit or aerosol near; not on plastic film, foam or tape.',
                'The nozzle stays hot: put it on its stand.',
            ],
            self::Breath => ['Out only, never in; not with a mask on: take the pin.'],
        };
    }
}
