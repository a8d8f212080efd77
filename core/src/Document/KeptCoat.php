<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Document;

/** What was computed of a coat and kept beside its pour, by whichever version did; what that did not say is null. */
final readonly class KeptCoat extends Entry
{
    /** How many pieces it was computed for. */
    public function pieces(): ?float
    {
        return $this->number('quantity');
    }

    public function openMin(): float
    {
        return $this->number('coat.film.open_min') ?? 0.0;
    }

    public function gelsMin(): ?float
    {
        return $this->number('coat.film.gels_min');
    }

    /** Until when heat still does good, min after it was poured. */
    public function torchClosesMin(): ?float
    {
        return $this->number('coat.torch.closes_min');
    }

    public function tool(): string
    {
        return $this->text('coat.torch.tool') ?? 'none';
    }

    /** Until when its vapours may burn, h after it was poured; null where none do. */
    public function vapoursUntilH(): ?float
    {
        return $this->number('coat.torch.vapours_until_h');
    }

    public function handleH(): ?float
    {
        return $this->number('coat.windows.handle_h');
    }

    public function thicknessMm(): ?float
    {
        return $this->number('coat.thickness_mm');
    }

    /** Both parts that were to be mixed; of a deep coat, those of one lift from 1 on. */
    public function mix(?int $lift = null): Entry
    {
        $all = $this->at('coat.mix');

        return $lift === null ? $all : $this->entries('coat.lifts')[$lift - 1] ?? $all;
    }

    /** How far the weights may be off, where the densities are only typical, per cent. */
    public function weighedOffPct(): float
    {
        return $this->number('weighed_off_pct') ?? 0.0;
    }

    /** What was to fall off its edges, ml; null where nothing was to run over. */
    public function drippedMl(): ?float
    {
        return $this->number('coat.edge.runs_off_ml') === null ? null : $this->number('coat.drips.dripped_ml');
    }

    /** How to pour it, as it was said. */
    public function pour(): string
    {
        return $this->text('pour') ?? '';
    }

    /** @return list<Entry> the colours that it is laid in, wet on wet and in their order: colour, share_pct, how; none where it is laid in one */
    public function parts(): array
    {
        return $this->entries('parts');
    }

    /** How long it takes to lay and spread it on all its pieces, min; null where nobody worked it out. */
    public function layingMin(): ?float
    {
        return $this->number('laying_min');
    }

    /** The room that it was computed in. */
    public function room(): Entry
    {
        return $this->at('in_force');
    }

    /** @return list<Entry> */
    public function phases(): array
    {
        return $this->entries('phases');
    }

    /** @return list<Entry> when it holds what is laid into it */
    public function effects(): array
    {
        return $this->entries('effects');
    }

    /** When its fill can be judged, and until when a topping up still gets a pass. */
    public function fill(): Entry
    {
        return $this->at('fill');
    }

    /** @return list<Entry> what comes after its cover is on */
    public function later(): array
    {
        return $this->entries('later');
    }

    /** @return list<Entry> what heat would gain it */
    public function warmings(): array
    {
        return $this->entries('warmings');
    }

    /** @return list<Entry> */
    public function acts(): array
    {
        return $this->entries('acts');
    }

    /**
     * The first of such advice.
     *
     * @param  list<string>  $codes
     */
    public function advice(array $codes): ?Entry
    {
        foreach ($this->entries('advice') as $one) {
            if (in_array($one->text('code'), $codes, true)) {
                return $one;
            }
        }

        return null;
    }
}
