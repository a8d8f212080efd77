<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tracing;

use OpenGlaze\Core\Outline\Loop;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Outline\Point;

/** Turns what was clicked on a photo into an outline in mm, as path data. */
final class Tracing
{
    /**
     * @param  list<list<Knot>>  $loops  in pixels: the edge first, then holes
     *
     * @throws TracingException|OutlineException when that gives no outline
     */
    public static function pathData(array $loops, PhotoScale $scale): string
    {
        $onPiece = array_map(
            static fn (array $knots): Loop => SmoothLoop::through(array_map(static fn (Knot $knot): Knot => new Knot($scale->onPiece($knot->at), $knot->isCorner), $knots)),
            $loops,
        );
        if ($onPiece === []) {
            throw OutlineException::tooFewPoints(0);
        }
        $box = $onPiece[0]->box();
        $home = new Point(-$box->left, -$box->top);

        return implode(' ', array_map(static fn (Loop $loop): string => $loop->moved($home)->data(), $onPiece));
    }
}
