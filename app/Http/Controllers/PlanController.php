<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Plan;
use App\PlanFile\Json;
use App\PlanFile\PlanFile;
use App\Planning\FieldException;
use App\Planning\PlanAssembler;
use App\Planning\PlanImporter;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use OpenGlaze\Core\Plan\Fault;
use OpenGlaze\Core\Plan\PlanException;

/** Plan files in and out. */
final readonly class PlanController
{
    private const SHOWN_FAULTS = 5;

    public function import(Request $request, PlanImporter $importer): RedirectResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > PlanFile::MOST_BYTES) {
            throw FieldException::at(['file' => 'Choose a plan file of at most 20 MB.']);
        }
        $name = Str::limit(pathinfo($file->getClientOriginalName(), PATHINFO_FILENAME), 100, '');
        try {
            $plan = $importer->import((string) file_get_contents($file->getPathname()), $name === '' ? 'Plan' : $name);
        } catch (PlanException $exception) {
            throw FieldException::at(['file' => $this->sentence($exception)]);
        }

        return redirect()->route('pieces')->with('said', $plan->name.' was read.');
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
