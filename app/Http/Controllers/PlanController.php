<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Mixing\Choices;
use App\Models\Plan;
use App\Models\Pour;
use App\PlanFile\Json;
use App\PlanFile\PlanFile;
use App\Planning\PlanAssembler;
use App\Planning\PlanImporter;
use App\Typed\FieldException;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
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
            throw FieldException::at(['file' => 'Choose a plan file of at most 20 MB.']);
        }
        $original = $file->getClientOriginalName();
        $name = mb_check_encoding($original, 'UTF-8') ? Str::limit(pathinfo($original, PATHINFO_FILENAME), 100, '') : '';
        $text = (string) file_get_contents($file->getPathname());
        $known = $importer->known($text);
        if ($known !== null && ! $request->boolean('again')) {
            throw FieldException::at(['file' => self::text('known', ['name' => $known->name]), 'known' => '1']);
        }
        try {
            $plan = $importer->import($text, $name === '' ? 'Plan' : $name);
        } catch (PlanException $exception) {
            throw FieldException::at(['file' => $this->sentence($exception)]);
        }

        // worked out while somebody waits for a file anyway, not when they open the shelf
        $choices->needed();

        return redirect()->route('pieces')->with('said', $plan->name.' was read.');
    }

    /** Out of the way: not among the pieces, not tonight; it can be brought back. */
    public function putAway(Plan $plan): RedirectResponse
    {
        self::refuseOwn($plan);
        $plan->update(['put_away_at' => CarbonImmutable::now()]);

        return redirect()->route('studio')->with('said', self::text('put_away', ['name' => $plan->name]))->with('undo', "/plans/{$plan->id}/back");
    }

    public function bringBack(Plan $plan): RedirectResponse
    {
        $plan->update(['put_away_at' => null]);

        return redirect()->route('studio')->with('said', self::text('is_back', ['name' => $plan->name]));
    }

    /** For good, with its pieces; what was poured of it stays in the log. Only what was put away before. */
    public function remove(Plan $plan): RedirectResponse
    {
        self::refuseOwn($plan);
        if ($plan->put_away_at === null) {
            throw FieldException::at(['form' => self::text('put_away_first', ['name' => $plan->name])]);
        }
        $wet = Pour::query()->setting(CarbonImmutable::now())->whereIn('piece_id', $plan->pieces()->withTrashed()->select('id'))->first();
        if ($wet !== null) {
            throw FieldException::at(['form' => self::text('still_wet', ['title' => $wet->title])]);
        }
        DB::transaction(function () use ($plan): void {
            $plan->coats()->withTrashed()->forceDelete();
            $plan->pieces()->withTrashed()->forceDelete();
            $plan->resins()->withTrashed()->forceDelete();
            $plan->delete();
        });

        return redirect()->route('studio')->with('said', self::text('removed', ['name' => $plan->name]));
    }

    private static function refuseOwn(Plan $plan): void
    {
        if ($plan->isOwn()) {
            throw FieldException::at(['form' => self::text('own_stays', [])]);
        }
    }

    /** @param  array<string, string>  $quantities */
    private static function text(string $code, array $quantities): string
    {
        $text = __("plans.$code", $quantities);

        return is_string($text) ? $text : $code;
    }

    public function export(Plan $plan, PlanAssembler $assembler): Response
    {
        return response(Json::file($assembler->whole($plan)), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => sprintf('attachment; filename="%s.json"', Str::slug($plan->name) ?: 'plan'),
        ]);
    }

    private function sentence(PlanException $exception): string
    {
        $lines = array_map(
            static fn (Fault $fault): string => ltrim($fault->pointer.': ', ': ').$fault->sentence,
            array_slice($exception->faults, 0, self::SHOWN_FAULTS),
        );
        $more = count($exception->faults) - count($lines);

        return 'Nothing was read. '.implode(' ', $lines).($more > 0 ? " And $more more." : '');
    }
}
