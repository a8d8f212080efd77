<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Range;

use Closure;
use OpenGlaze\Core\Document\PlanDocument;

/** Which figures of a plan an assumption moves when it is shifted alone: only such are named as causes. */
final class Moves
{
    /** What moves a figure by less, as a share of it, does not move it. */
    private const MOVED = 1e-9;

    /** @var array<string, float>|null */
    private ?array $planned = null;

    /** @var array<int, array<string, bool>> by assumption */
    private array $moved = [];

    /** @param  Closure(PlanDocument): array<string, float>  $figures  all figures of a plan */
    public function __construct(private readonly PlanDocument $document, private readonly Closure $figures)
    {
    }

    public function does(Assumption $assumption, string $figure): bool
    {
        return ($this->moved[spl_object_id($assumption)] ??= $this->movedBy($assumption))[$figure] ?? false;
    }

    /** @return array<string, bool> */
    private function movedBy(Assumption $assumption): array
    {
        $this->planned ??= ($this->figures)($this->document);
        $moved = [];
        foreach ([1.0, -1.0] as $deviations) {
            foreach (($this->figures)($assumption->put($this->document, $deviations)) as $figure => $value) {
                $before = $this->planned[$figure] ?? null;
                $moved[$figure] = ($moved[$figure] ?? false) || $before === null || abs($value - $before) > self::MOVED * max(abs($before), self::MOVED);
            }
        }

        return $moved;
    }
}
