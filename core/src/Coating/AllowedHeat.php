<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Held\HeldFilm;

/** What heat may come near a coat. */
final readonly class AllowedHeat
{
    /** The hottest that the rules allow. */
    public HeatTool $hottest;

    /** What bubbles are taken out with: the studio's habit, where the rules leave it. */
    public HeatTool $tool;

    /** @param  list<NoFlame>  $reasons  why a flame must not pass over it; none where it may */
    private function __construct(private array $reasons, CoatCase $case)
    {
        $this->hottest = HeatTool::forPiece(
            $case->coat->keepsItsShape(),
            $case->face->areaMm2 === null ? ($case->piece->body?->eachMl() === null ? INF : 0.0) : $case->face->areaMm2 / 100,
            $reasons === [],
            // it blows loose dust about, and pushes a held film over its edge
            ($case->held->share ?? 0.0) <= HeldFilm::CALM_SHARE && $case->coat->manner->dryMedia === null,
            $this->vapoursBurn(),
        );
        $this->tool = $this->hottest->orBy($case->studio->hands->heatTool);
    }

    public static function over(CoatCase $case): self
    {
        return new self(NoFlame::reasons($case), $case);
    }

    public function isFlame(): bool
    {
        return $this->reasons === [];
    }

    /** Whether vapours of the film burn, or may: a source of ignition over it is ruled out. */
    public function vapoursBurn(): bool
    {
        return ($this->reasons[0] ?? null)?->areVapours() ?? false;
    }
}
