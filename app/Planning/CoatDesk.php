<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Coat;
use App\Models\Resin;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\Planner;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Plan\PlanReader;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Quantity\Wording;
use stdClass;

/** Computes one coat as it is saved, or as somebody is changing it, and saves the changes. */
final readonly class CoatDesk
{
    public function __construct(private PlanAssembler $assembler)
    {
    }

    /** @throws FieldException when the saved coat cannot be computed */
    public function saved(Coat $coat, UnitSystem $units): CoatResult
    {
        return $this->computeLast($this->assembler->forCoat($coat), $units);
    }

    /**
     * The coat with changes that are not saved.
     *
     * @throws FieldException with a sentence for each field that cannot be used
     */
    public function changed(Coat $coat, CoatChanges $changes, UnitSystem $units): CoatResult
    {
        return $this->computeLast($this->assembler->forCoat($this->apply($coat, $changes)), $units);
    }

    /** @throws FieldException with a sentence for each field that cannot be used; nothing is saved then */
    public function save(Coat $coat, CoatChanges $changes, UnitSystem $units): CoatResult
    {
        return DB::transaction(function () use ($coat, $changes, $units): CoatResult {
            $coat->refresh();
            $result = $this->changed($coat, $changes, $units);
            $coat->save();
            $coat->piece->plan->save();

            return $result;
        });
    }

    /** The last coat of a document, computed. @throws FieldException */
    public function computeLast(stdClass $document, UnitSystem $units): CoatResult
    {
        try {
            $results = (new Planner(new Wording($units)))->plan((new PlanReader)->read($document));
        } catch (PlanException $exception) {
            $last = is_array($document->coats) ? count($document->coats) - 1 : 0;
            throw FieldException::fromPlan($exception, ["/coats/$last/" => 'coat.', '/coats/' => 'below.', '/pieces/0/' => 'piece.', '/studio/' => 'studio.', '/resins/' => 'resin.']);
        }

        return $results[count($results) - 1];
    }

    /** Lays the changes over the rows in memory. */
    private function apply(Coat $coat, CoatChanges $changes): Coat
    {
        $plan = $coat->piece->plan;
        if ($changes->resinId !== null) {
            $resin = Resin::atHandFor($plan)->find($changes->resinId)
                ?? throw FieldException::at(['coat.resin' => 'This resin is not on the shelf: choose one from the list.']);
            $coat->resin_id = $resin->id;
            $coat->setRelation('resin', $resin);
        }
        $coat->spec = SpecMerge::over($coat->spec, $changes->coat);
        $document = $plan->document;
        $document->studio = Room::measured($plan->studio(), $changes->studio);
        $plan->document = $document;

        return $coat;
    }
}
