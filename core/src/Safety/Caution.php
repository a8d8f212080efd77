<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Safety;

use OpenGlaze\Core\Colour\Colourant;
use OpenGlaze\Core\Message\Message;

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
            ...($has(static fn (Colourant $one): bool => $one->stuff->flammable->forbidsFlame()) ? [self::Solvent] : []),
            self::Mix,
            ...($has(static fn (Colourant $one): bool => $one->form->isDry()) ? [self::Powder] : []),
            ...($isDammedTabletop ? [self::Lifting] : []),
        ];
    }

    /** Said once at the first start, on every printed sheet and in the README. */
    public static function noSubstitute(): Message
    {
        return Message::of('cautions.no_substitute');
    }

    /**
     * All that several of them say.
     *
     * @param  non-empty-list<self>  $cautions
     * @return non-empty-list<Message>
     */
    public static function together(array $cautions): array
    {
        return array_merge(...array_map(static fn (self $caution): array => $caution->said(), $cautions));
    }

    /**
     * In short, the most pressing first.
     *
     * @return non-empty-list<Message>
     */
    public function said(): array
    {
        return array_map(fn (string $what): Message => Message::of("cautions.$this->value.$what"), match ($this) {
            self::Mix => ['gloves', 'air', 'skin', 'data_sheet'],
            self::Flame => ['gloves_off', 'catches_fire', 'hair', 'point_away', 'refill'],
            self::HeatGun => ['no_solvent', 'nozzle'],
            self::Breath => ['out_only'],
            self::Sanding => ['cured_only'],
            self::Powder => ['mask'],
            self::Solvent => ['vapour'],
            self::Polyester => ['vapour', 'catalyst'],
            self::Demould => ['edges'],
            self::Food => ['not_food_safe'],
            self::Lifting => ['heavy'],
        });
    }
}
