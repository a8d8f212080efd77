<?php

declare(strict_types=1);

namespace App\Planning;

use App\Editing\Difference;
use App\Editing\Edit;
use App\Editing\Stale;
use App\Editing\Versions;
use App\Models\Coat;
use App\Models\Resin;
use App\Typed\FieldException;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Keeping\WaysToKeep;
use OpenGlaze\Core\Keeping\WayToKeep;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Containment;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Range\Range;
use OpenGlaze\Core\Range\Ranges;
use OpenGlaze\Core\Reading\PlanReader;

/** Computes one coat as it is saved, or as somebody is changing it, and saves the changes. */
final readonly class CoatDesk
{
    public function __construct(private PlanAssembler $assembler)
    {
    }

    /** @throws FieldException when the saved coat cannot be computed */
    public function saved(Coat $coat): StackResult
    {
        return $this->compute($coat);
    }

    /**
     * The coat with changes that are not saved.
     *
     * @throws FieldException with a sentence for each field that cannot be used
     */
    public function changed(Coat $coat, CoatChanges $changes): StackResult
    {
        return $this->compute($this->apply($coat, $changes));
    }

    /**
     * How sure its figures are, with changes that are not saved.
     *
     * @return array<string, Range> by figure
     *
     * @throws FieldException with a sentence for each field that cannot be used
     */
    public function ranges(Coat $coat, CoatChanges $changes): array
    {
        $rows = $this->changed($coat, $changes)->rows;

        return Ranges::of($this->assembler->stack($coat->piece, $rows))['coats'][$coat->key] ?? [];
    }

    /**
     * What would keep its film on the face, with changes that are not saved: each way, and the row of the resin where it is another.
     *
     * @return list<array{WayToKeep, int|null}>
     *
     * @throws FieldException with a sentence for each field that cannot be used
     */
    public function ways(Coat $coat, CoatChanges $changes): array
    {
        $stack = $this->changed($coat, $changes);
        $sheets = [];
        foreach (Resin::atHandFor($coat->piece->plan)->whereKeyNot($coat->resin_id)->get() as $resin) {
            $sheets[] = $resin->sheet->with('id', (string) $resin->id);
        }
        $at = (int) array_search($stack->coat, $stack->results, true);
        $ways = WaysToKeep::of($this->assembler->stack($coat->piece, $stack->rows), $at, $sheets);

        return array_map(static fn (WayToKeep $way): array => [$way, $way->resinId === null ? null : (int) $way->resinId], $ways);
    }

    /**
     * @throws FieldException with a sentence for each field that cannot be used; nothing is saved then
     * @throws Stale when a field that it writes was changed since it was read
     */
    public function save(Coat $coat, CoatChanges $changes, Edit $edit): StackResult
    {
        return DB::transaction(function () use ($coat, $changes, $edit): StackResult {
            $coat->refresh();
            $plan = $coat->piece->plan;
            Versions::refuseStale('coat', $coat, [...Difference::paths($changes->coat), ...($changes->resinId === null ? [] : ['resin'])], $edit);
            Versions::refuseStale('plan', $plan, Difference::paths(Entry::from(['studio' => $changes->studio])), $edit);
            Versions::refuseStale('piece', $coat->piece, Difference::paths($changes->piece), $edit);
            $piece = $coat->piece->spec;
            $before = self::content($coat);
            $room = $plan->document;
            $result = $this->changed($coat, $changes);
            Versions::count('coat', $coat, $before, self::content($coat), $edit);
            Versions::count('plan', $plan, $room, $plan->document, $edit);
            Versions::count('piece', $coat->piece, $piece, $coat->piece->spec, $edit);
            $coat->save();
            $coat->piece->save();
            $plan->save();

            return $result;
        });
    }

    private static function content(Coat $coat): Entry
    {
        return $coat->spec->with('resin', $coat->resin->name());
    }

    /** The coat with all coats of its piece; without those above it where they cannot be computed. */
    private function compute(Coat $coat): StackResult
    {
        $coats = [];
        foreach ($coat->piece->coats()->with('resin')->get() as $one) {
            $coats[] = $one->is($coat) ? $coat : $one->setRelation('piece', $coat->piece);
        }
        $at = (int) array_search($coat->id, array_column($coats, 'id'), true);
        try {
            return new StackResult($this->plan($this->assembler->stack($coat->piece, $coats), $at), $coats, $at);
        } catch (FieldException $exception) {
            if ($exception->isOf('above.')) {
                $below = array_slice($coats, 0, $at + 1);

                return new StackResult($this->plan($this->assembler->stack($coat->piece, $below), $at), $below, $at);
            }
            throw $exception;
        }
    }

    /** The last coat of a document, computed. @throws FieldException */
    public function computeLast(PlanDocument $document): CoatResult
    {
        $last = max(0, count($document->coats()) - 1);

        return $this->plan($document, $last)[$last];
    }

    /**
     * All coats of a document.
     *
     * @param  int  $at  the coat whose fields the page shows
     * @return list<CoatResult>
     *
     * @throws FieldException with a sentence for each field that cannot be used
     */
    private function plan(PlanDocument $document, int $at): array
    {
        try {
            return (new Planner)->plan((new PlanReader)->read($document));
        } catch (PlanException $exception) {
            $names = ["/coats/$at/" => 'coat.', '/pieces/0/' => 'piece.', '/studio/' => 'studio.', '/resins/' => 'resin.'];
            foreach (array_keys($document->coats()) as $index) {
                $names += ["/coats/$index/" => $index < $at ? 'below.' : 'above.'];
            }
            throw FieldException::fromPlan($exception, $names);
        }
    }

    /** Lays the changes over the rows in memory. */
    private function apply(Coat $coat, CoatChanges $changes): Coat
    {
        $plan = $coat->piece->plan;
        if ($changes->resinId !== null) {
            $resin = Resin::atHandFor($plan)->find($changes->resinId)
                ?? throw FieldException::at(['coat.resin' => Message::of('refused.no_such_resin')]);
            $coat->resin_id = $resin->id;
            $coat->setRelation('resin', $resin);
        }
        // its name in the file, and whose coat it is, are not changed with it
        $spec = $coat->spec->over($changes->coat)->with('id', $coat->key)->with('piece', $coat->piece->key);
        // what held it is gone with its walls
        $coat->spec = $spec->text('containment') === Containment::Dammed->value ? $spec : $spec->without('dam');
        $coat->piece->spec = $coat->piece->spec->over($changes->piece);
        $plan->document = $plan->document->withStudio(Room::measured($plan->studio(), $changes->studio));

        return $coat;
    }
}
