<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Colour;

/**
 * How a coloured film looks over its ground: what it takes and scatters adds up band by band, never as screen colours.
 *
 * Source: Kubelka and Munk (1931), for a film of finite thickness over a ground. How strongly each kind of
 * colourant scatters is an estimate: a swatch is for choosing, not for matching.
 */
final readonly class ColouredFilm
{
    /** What clear resin takes, per mm: hardly anything. */
    private const CLEAR_PER_MM = 0.0005;

    private function __construct(
        private Spectrum $absorption,
        private float $scattering,
    ) {
    }

    /**
     * @param  list<Dose>  $doses  what is stirred in
     * @param  float  $resinMl  above 0
     */
    public static function of(array $doses, float $resinMl): self
    {
        $absorption = array_fill(0, Spectrum::BANDS, self::CLEAR_PER_MM);
        $scattering = 0.0;
        foreach ($doses as $dose) {
            if ($dose->colourant->look->colour === null) {
                continue;
            }
            $strength = $dose->colourant->look->finish->scatteringPerMm() * 100 * $dose->ml() / $resinMl;
            $scattering += $strength;
            foreach (Spectrum::ofColour($dose->colourant->look->colour)->bands as $band => $reflected) {
                $absorption[$band] += self::taken($dose->colourant, $reflected, $strength, 100 * $dose->ml() / $resinMl);
            }
        }

        return new self(Spectrum::each(static fn (int $band): float => $absorption[$band]), $scattering);
    }

    /** Of a thickness in mm, 0 or more, over what lies below it. */
    public function over(Spectrum $ground, float $thicknessMm): Spectrum
    {
        return Spectrum::each(fn (int $band): float => self::reflected($this->absorption->bands[$band], $this->scattering, $thicknessMm, $ground->bands[$band]));
    }

    /** An opaque colour is what a thick layer throws back; a translucent one what a 1 mm film with one per cent lets through twice. */
    private static function taken(Colourant $colourant, float $reflected, float $strength, float $sharePct): float
    {
        return $colourant->look->finish === Finish::Translucent
            ? -log($reflected) / 2 * $sharePct
            : $strength * (1 - $reflected) ** 2 / (2 * $reflected);
    }

    private static function reflected(float $absorption, float $scattering, float $thicknessMm, float $ground): float
    {
        if ($scattering * $thicknessMm < 1e-9) {
            return $ground * exp(-2 * $absorption * $thicknessMm);
        }
        $a = 1 + $absorption / $scattering;
        $b = sqrt($a ** 2 - 1);
        $depth = $b * $scattering * $thicknessMm;
        if ($depth > 30) {
            return $a - $b;
        }
        $slope = $b / tanh($depth);

        return (1 - $ground * ($a - $slope)) / ($a - $ground + $slope);
    }
}
