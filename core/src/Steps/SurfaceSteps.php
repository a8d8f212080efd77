<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Steps;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Plan\CoatKind;
use OpenGlaze\Core\Safety\Caution;
use OpenGlaze\Core\Surface\Surface;

/** What a bare face wants before its first coat. */
final class SurfaceSteps implements StepSource
{
    public function of(CoatCase $case): array
    {
        return [...($case->isFirstCoat() ? self::bare($case) : []), ...self::dryMedia($case)];
    }

    /** @return list<PlannedStep> */
    private static function dryMedia(CoatCase $case): array
    {
        return $case->coat->dryMedia === null ? [] : [PlannedStep::before(
            'dry_media',
            'Dry media: '.$case->coat->dryMedia,
            'Brushed into the mould or onto the hard film, the excess blown off away from wet work. It adds no volume, and a weaker bond where it lies between coats.',
            Caution::Powder,
        )];
    }

    /** @return list<PlannedStep> */
    private static function bare(CoatCase $case): array
    {
        $surface = $case->face->surface;
        $steps = [];
        if ($surface === Surface::CuredResin) {
            $steps[] = PlannedStep::before('sand', 'Sand with 220 to 320', 'An old film has no window: the scratch is what the next coat holds on to.', Caution::Sanding);
        }
        if ($surface === Surface::UnsealedPaper || $surface === Surface::Fabric) {
            $steps[] = PlannedStep::before('glue_down', 'Glue it down, flat', 'And seal both faces. It comes out a little darker even so.');
        }
        if ($case->face->soakMlPerM2->value >= Surface::SEAL_FROM_ML_M2 && $case->coat->kind !== CoatKind::Seal) {
            $steps[] = PlannedStep::before('seal_twice', 'Seal it twice, and let it dry', 'Two thin coats brushed across each other, not a pinhole missed: else it drinks resin, darkens, and feeds bubbles for an hour.');
        }
        $steps[] = PlannedStep::before('clean', 'Wipe it with alcohol', 'Skin oil repels resin. A trace of acrylic paint on the cloth is normal. Let it dry: no vapour under a flame.', Caution::Solvent);

        return $steps;
    }
}
