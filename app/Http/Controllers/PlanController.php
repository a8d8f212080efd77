<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Arrival;
use App\Mixing\Choices;
use App\Models\Plan;
use App\Models\Pour;
use App\PlanFile\Json;
use App\PlanFile\PlanFile;
use App\Planning\PlanAssembler;
use App\Planning\PlanImporter;
use App\Saying\Person;
use App\Typed\FieldException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Fault;
use OpenGlaze\Core\Plan\PlanException;

/** Plan files in and out. */
final readonly class PlanController
{
    private const SHOWN_FAULTS = 5;

    public function import(Request $request, PlanImporter $importer, Choices $choices): RedirectResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > PlanFile::MOST_BYTES) {
            throw FieldException::at(['file' => Message::of('refused.no_file')]);
        }
        $original = $file->getClientOriginalName();
        $name = mb_check_encoding($original, 'UTF-8') ? Str::limit(pathinfo($original, PATHINFO_FILENAME), 100, '') : '';
        $text = (string) file_get_contents($file->getPathname());
        $known = $importer->known($text);
        if ($known !== null && ! $request->boolean('again')) {
            throw FieldException::at(['file' => Message::of('plans.known', name: $known->name), 'known' => '1']);
        }
        try {
            $plan = $importer->import($text, $name === '' ? 'Plan' : $name);
        } catch (PlanException $exception) {
            throw FieldException::at(['file' => $this->sentence($exception)]);
        }

        // worked out while somebody waits for a file anyway, not when they open the shelf
        $choices->needed();

        return redirect()->route('pieces')->with('said', Person::of($request)->say(Message::of('plans.was_read', name: $plan->name)));
    }

    /** Out of the way: not among the pieces, not tonight; it can be brought back. */
    public function putAway(Request $request, Plan $plan): RedirectResponse
    {
        self::refuseOwn($plan);
        $plan->update(['put_away_at' => Arrival::of($request)]);

        return redirect()->route('studio')->with('said', Person::of($request)->say(Message::of('plans.put_away', name: $plan->name)))->with('undo', "/plans/{$plan->id}/back");
    }

    public function bringBack(Request $request, Plan $plan): RedirectResponse
    {
        $plan->update(['put_away_at' => null]);

        return redirect()->route('studio')->with('said', Person::of($request)->say(Message::of('plans.is_back', name: $plan->name)));
    }

    /** For good, with its pieces; what was poured of it stays in the log. Only what was put away before. */
    public function remove(Request $request, Plan $plan): RedirectResponse
    {
        self::refuseOwn($plan);
        if ($plan->put_away_at === null) {
            throw FieldException::at(['form' => Message::of('plans.put_away_first', name: $plan->name)]);
        }
        $wet = Pour::query()->setting(Arrival::of($request))->whereIn('piece_id', $plan->pieces()->withTrashed()->select('id'))->first();
        if ($wet !== null) {
            throw FieldException::at(['form' => Message::of('plans.still_wet', title: $wet->title)]);
        }
        DB::transaction(function () use ($plan): void {
            $plan->coats()->withTrashed()->forceDelete();
            $plan->pieces()->withTrashed()->forceDelete();
            $plan->resins()->withTrashed()->forceDelete();
            $plan->delete();
        });

        return redirect()->route('studio')->with('said', Person::of($request)->say(Message::of('plans.removed', name: $plan->name)));
    }

    private static function refuseOwn(Plan $plan): void
    {
        if ($plan->isOwn()) {
            throw FieldException::at(['form' => Message::of('plans.own_stays')]);
        }
    }

    public function export(Plan $plan, PlanAssembler $assembler): Response
    {
        return response(Json::file($assembler->whole($plan)), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => sprintf('attachment; filename="%s.json"', Str::slug($plan->name) ?: 'plan'),
        ]);
    }

    private function sentence(PlanException $exception): Message
    {
        $shown = array_slice($exception->faults, 0, self::SHOWN_FAULTS);
        $more = count($exception->faults) - count($shown);

        return Message::of(
            $more > 0 ? 'files.nothing_read_and_more' : 'files.nothing_read',
            faults: Listed::sentences(array_map(static fn (Fault $fault): Message => $fault->pointer === '' ? $fault->said : Message::of('files.fault', pointer: $fault->pointer, what: $fault->said), $shown)),
            more: $more,
        );
    }
}
