<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use App\Http\Person;
use App\Models\Coat;
use App\Models\Pour;
use App\Models\PourAct;
use App\Photos\PhotoStore;
use App\Planning\CoatAnswer;
use App\Planning\TypedFields;
use App\Pouring\PourDesk;
use App\Pouring\PourState;
use App\Pouring\UsedBesidePlanned;
use App\Pouring\UsedFields;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Storage;
use Inertia\Inertia;
use Inertia\Response;
use OpenGlaze\Core\Safety\Caution;
use OpenGlaze\Core\Trace\Traces;
use stdClass;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A pour from the start of its clock to what it took. */
final readonly class PourController
{
    public function __construct(private PourDesk $desk)
    {
    }

    public function start(Request $request, Coat $coat): RedirectResponse
    {
        $body = Body::of($request);
        $typed = ($body->studio ?? null) instanceof stdClass ? $body->studio : new stdClass;
        $room = (new TypedFields(Person::units($request)))->read($typed, 'studio.');
        $reason = $body->reason ?? null;
        $pour = $this->desk->start($coat, $room, is_string($reason) ? mb_substr($reason, 0, 500) : null, Person::units($request));

        return redirect()->route('pours.show', $pour);
    }

    public function show(Pour $pour): Response
    {
        return Inertia::render('Pour', [
            'pour' => PourState::of($pour->load('acts')),
            'cautions' => [
                'pour' => Caution::Mix->sentences(),
                'heat' => (Caution::tryFrom(PourState::tool($pour)) ?? Caution::Breath)->sentences(),
            ],
            'planned' => UsedBesidePlanned::of($pour),
        ]);
    }

    public function state(Pour $pour): JsonResponse
    {
        return response()->json(PourState::of($pour->load('acts')));
    }

    public function trace(Request $request, Pour $pour, string $figure): JsonResponse
    {
        $traces = Traces::of($this->desk->computed($pour, Person::units($request)));

        return response()->json(CoatAnswer::trace($traces[$figure] ?? abort(404)));
    }

    public function poured(Request $request, Pour $pour): JsonResponse
    {
        $this->desk->poured($pour, $this->at($request), Person::units($request));

        return $this->state($pour->refresh());
    }

    public function notPouredYet(Pour $pour): JsonResponse
    {
        $this->desk->notPouredYet($pour);

        return $this->state($pour->refresh());
    }

    public function tick(Request $request, Pour $pour, int $act): JsonResponse
    {
        $this->desk->tick($this->act($pour, $act), $pour, $this->at($request));

        return $this->state($pour->refresh());
    }

    public function untick(Pour $pour, int $act): JsonResponse
    {
        $this->desk->untick($this->act($pour, $act));

        return $this->state($pour->refresh());
    }

    public function finishing(Pour $pour): Response
    {
        return Inertia::render('Finish', [
            'pour' => PourState::of($pour->load('acts')),
            'planned' => UsedBesidePlanned::of($pour),
            'photo_limits' => ['megabytes' => PhotoStore::MOST_MEGABYTES, 'megapixels' => PhotoStore::MOST_MEGAPIXELS],
        ]);
    }

    public function finish(Request $request, Pour $pour, PhotoStore $photos): RedirectResponse
    {
        $before = $pour->photo;
        $used = UsedFields::read($request->string('used_a')->value(), $request->string('used_b')->value(), $request->string('by')->value(), UsedBesidePlanned::resin($pour));
        $file = $request->file('photo');
        $photo = $file instanceof \Illuminate\Http\UploadedFile ? $photos->keep($file) : null;
        $note = trim($request->string('note')->value());
        $this->desk->finish($pour, $used, $note === '' ? null : mb_substr($note, 0, 5000), $photo);
        if ($photo !== null && $before !== null) {
            $photos->forget($before);
        }

        return $pour->piece_id === null
            ? redirect()->route('now')
            : redirect()->route('pieces.history', $pour->piece_id)->with('said', 'Written down.');
    }

    public function photo(string $name): StreamedResponse
    {
        abort_unless(Storage::exists('photos/'.$name), 404);

        return Storage::response('photos/'.$name, headers: ['Cache-Control' => 'private, max-age=31536000, immutable']);
    }

    private function act(Pour $pour, int $id): PourAct
    {
        return $pour->acts()->findOrFail($id);
    }

    private function at(Request $request): ?CarbonImmutable
    {
        $at = $request->input('at');

        return is_int($at) ? CarbonImmutable::createFromTimestampMs($at) : null;
    }
}
