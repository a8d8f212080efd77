<?php

declare(strict_types=1);

namespace App\Planning;

use App\Editing\Difference;
use App\Editing\Edit;
use App\Editing\Stale;
use App\Editing\Versions;
use App\Models\Plan;
use App\Typed\FieldException;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Plan\Studio;
use OpenGlaze\Core\Reading\PlanReader;

/** Changes a plan's name and its room. */
final readonly class RoomDesk
{
    public function __construct(private PlanAssembler $assembler)
    {
    }

    /**
     * @throws FieldException with a sentence for each field that cannot be used; nothing is saved then
     * @throws Stale when a field that it writes was changed since it was read
     */
    public function change(Plan $plan, string $name, Entry $room, Edit $edit): void
    {
        if (trim($name) === '' || mb_strlen($name) > 120) {
            throw FieldException::at(['name' => Message::of('refused.name_of_studio')]);
        }
        DB::transaction(function () use ($plan, $name, $room, $edit): void {
            $plan->refresh();
            $before = self::content($plan);
            Versions::refuseStale('plan', $plan, Difference::paths(Entry::from(['studio' => $room, ...(trim($name) === $plan->name ? [] : ['name' => $name])])), $edit);
            $plan->name = trim($name);
            $plan->document = $plan->document->withStudio(Room::measured($plan->studio(), $room));
            $this->inForce($plan);
            Versions::count('plan', $plan, $before, self::content($plan), $edit);
            $plan->save();
        });
    }

    private static function content(Plan $plan): Entry
    {
        return $plan->document->with('name', $plan->name);
    }

    /**
     * The plan's room as it is computed with.
     *
     * @throws FieldException with a sentence for each field that cannot be used
     */
    public function inForce(Plan $plan): Studio
    {
        try {
            return (new PlanReader)->read($this->assembler->bare($plan))->studio;
        } catch (PlanException $exception) {
            throw FieldException::fromPlan($exception, ['/studio/' => 'studio.']);
        }
    }
}
