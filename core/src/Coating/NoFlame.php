<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use OpenGlaze\Core\Colour\Colourant;
use OpenGlaze\Core\Colour\Flammable;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Thinner;

/** One reason why a flame must not pass over a coat. */
final readonly class NoFlame
{
    /** @param  string  $why  the same in every catalogue that says it: over, burns, may_burn, polyester, thinner, thinner_unknown */
    private function __construct(
        public string $why,
        public Message|string|null $what = null,
    ) {
    }

    /** @return list<self> vapours first, which rule the heat gun out too, then what lies below or in it; none where it may */
    public static function reasons(CoatCase $case): array
    {
        $over = self::over($case);
        $burns = self::flammable($case);

        return [
            ...($burns === null ? [] : [new self($burns->stuff->flammable === Flammable::Yes ? 'burns' : 'may_burn', $burns->name)]),
            ...match (true) {
                // its vapour burns
                $case->resin->parts->catalyst !== null => [new self('polyester')],
                $case->thinner->forbidsFlame() => [new self($case->thinner === Thinner::Unknown ? 'thinner_unknown' : 'thinner')],
                default => [],
            },
            ...($over === null ? [] : [new self('over', $over)]),
        ];
    }

    /** Whether what burns are vapours of the film, which a heat gun lights too. */
    public function areVapours(): bool
    {
        return $this->why !== 'over';
    }

    /** @param  string  $under  where its sentences stand in the catalogue, with the dot after it */
    public function said(string $under): Message
    {
        return $this->what === null ? Message::of($under.$this->why) : Message::of($under.$this->why, what: $this->what);
    }

    /** What makes the mix flammable, or may; null when nothing does. */
    private static function flammable(CoatCase $case): ?Colourant
    {
        foreach ($case->colourants as $colourant) {
            if ($colourant->stuff->flammable->forbidsFlame()) {
                return $colourant;
            }
        }

        return null;
    }

    /** What a flame must not pass over here; null when it may. */
    private static function over(CoatCase $case): Message|string|null
    {
        $asked = $case->coat->asked;
        if (! $case->face->toleratesHeat) {
            return Message::named('surfaces', $case->face->surface);
        }
        if ($asked->edge->dam !== null && ! $asked->edge->dam->toleratesHeat()) {
            return Message::named('dams', $asked->edge->dam);
        }
        foreach ($asked->coverage->inclusions as $inclusion) {
            if (! $inclusion->traits->toleratesHeat && ! $inclusion->traits->afterHeat) {
                return $inclusion->name;
            }
        }

        return null;
    }
}
