<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Safety;

use OpenGlaze\Core\Colour\Colourant;

/** The usual cautions, by the act that they belong to. They do not replace the maker's safety data sheet. */
enum Caution: string
{
    case Mix = 'mix';
    case Flame = 'flame';
    case HeatGun = 'heat_gun';
    case Breath = 'breath';
    case Sanding = 'sanding';
    case Powder = 'powder';
    case Solvent = 'solvent';
    case Polyester = 'polyester';
    case Demould = 'demould';
    case Food = 'food';
    case Lifting = 'lifting';

    /** Said once at the first start, on every printed sheet and in the README. */
    public const NO_SUBSTITUTE = 'No substitute for the maker\'s safety data sheet, for local rules on fire, ventilation, waste and work, or for a licensed trade.';

    /**
     * What the mixing of a coat wants said: strong vapour first, what is heavy last.
     *
     * @param  list<Colourant>  $colourants  that are stirred in
     * @return non-empty-list<self>
     */
    public static function ofMixing(bool $isPolyester, bool $isDammedTabletop, array $colourants = []): array
    {
        $has = static fn (callable $what): bool => array_filter($colourants, $what) !== [];

        return [
            ...($isPolyester ? [self::Polyester] : []),
            ...($has(static fn (Colourant $one): bool => $one->flammable->forbidsFlame()) ? [self::Solvent] : []),
            self::Mix,
            ...($has(static fn (Colourant $one): bool => $one->form->isDry()) ? [self::Powder] : []),
            ...($isDammedTabletop ? [self::Lifting] : []),
        ];
    }

    /**
     * All that several of them say.
     *
     * @param  non-empty-list<self>  $cautions
     * @return non-empty-list<string>
     */
    public static function said(array $cautions): array
    {
        return array_merge(...array_map(static fn (self $caution): array => $caution->sentences(), $cautions));
    }

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
            self::Sanding => ['Cured only. Dust mask (P2/N95 or better) and eye protection, wet or extracted; clean up before the next pour.'],
            self::Powder => ['Dust mask; blow off away from faces and wet work.'],
            self::Solvent => ['Flammable vapour: moving air, no flame, no sparks; rags flat to dry, outdoors. Wash skin with soap and water, never with solvent.'],
            self::Polyester => [
                'Strong vapour: outdoors or extracted, a respirator for organic vapour, no flame, no sparks.',
                'The catalyst is a strong oxidiser and blinds: goggles, away from heat, never in contact with an accelerator.',
            ],
            self::Demould => ['Cured edges cut like glass: gloves; drilling dust as for sanding.'],
            self::Food => ['Not food-safe unless its maker certifies it, and it softens under hot cups: for dry or display use.'],
            self::Lifting => ['A dammed tabletop is heavy: two people; leads off the wet bench.'],
        };
    }
}
