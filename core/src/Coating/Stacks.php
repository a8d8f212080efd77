<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use OpenGlaze\Core\Amount\LaidBelow;
use OpenGlaze\Core\Amount\SizingException;
use OpenGlaze\Core\Plan\Coat;

/** The stacks of all pieces of a plan, while it is computed. */
final class Stacks
{
    /** @var array<string, Stack> by piece */
    private array $stacks = [];

    /** @throws SizingException when the coat's zone does not fit into the layer that it names */
    public function under(Coat $coat): LaidBelow
    {
        return $this->of($coat)->under($coat);
    }

    public function lay(CoatCase $case): void
    {
        $this->of($case->coat)->lay($case);
    }

    private function of(Coat $coat): Stack
    {
        return $this->stacks[$coat->pieceId] ??= new Stack;
    }
}
