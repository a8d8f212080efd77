<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Arrival;
use App\Http\Presses;
use App\Http\SentJson;
use App\Http\Typed;
use App\Journal\Bench;
use App\Journal\Moment;
use App\Journal\Refused;
use App\Models\Coat;
use App\Models\Pour;
use App\Photos\PhotoStore;
use App\PlanFile\Json;
use App\Planning\CoatAnswer;
use App\Pouring\FilmSchedule;
use App\Pouring\PourDesk;
use App\Pouring\PourState;
use App\Pouring\Unexpected;
use App\Pouring\UsedBesidePlanned;
use App\Pouring\UsedFields;
use App\Pouring\VapoursInRoom;
use App\Saying\Person;
use App\Typed\FieldException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Inertia\Inertia;
use Inertia\Response;
use JsonException;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\Refusal;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Quantity\LengthParser;
use OpenGlaze\Core\Quantity\QuantityException;
use OpenGlaze\Core\Quantity\VolumeParser;
use OpenGlaze\Core\Run\EffectWindow;
use OpenGlaze\Core\Run\Pace;
use OpenGlaze\Core\Safety\Caution;
use OpenGlaze\Core\Trace\Traces;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A pour from the start of its clock to what it took; what is pressed in between comes through the journal. */
final readonly class PourController
{
    public function __construct(private Presses $presses)
    {
    }

    public function start(Request $request, Coat $coat, PourDesk $desk): RedirectResponse
    {
        $body = SentJson::of($request);
        $pour = $desk->begin($coat, Typed::room($request, $body), Typed::reason($body), $this->presses->ofForm($body, Arrival::of($request), EventKind::PourBegun), Person::of($request));

        return redirect()->route('pours.show', $pour);
    }

    public function show(Request $request, Pour $pour): Response
    {
        $person = Person::of($request);
        $now = Arrival::of($request);
        $vapours = VapoursInRoom::at($now);
        $heat = (Caution::tryFrom($pour->tool()->value) ?? Caution::Breath)->said();

        return Inertia::render('Pour', [
            'pour' => PourState::of($pour, $now, $vapours),
            'cautions' => [
                'pour' => array_map($person->say(...), Caution::Mix->said()),
                'heat' => array_map($person->say(...), $pour->tool()->lightsVapours() ? [...$vapours->said($now), ...$heat] : $heat),
            ],
            'unexpected' => Unexpected::all($person),
            'planned' => UsedBesidePlanned::of($pour),
            'cup' => self::cup($pour),
        ]);
    }

    public function state(Request $request, Pour $pour): JsonResponse
    {
        return response()->json(PourState::of($pour, $now = Arrival::of($request), VapoursInRoom::at($now)));
    }

    public function trace(Request $request, Pour $pour, string $figure, FilmSchedule $schedule): JsonResponse
    {
        $traces = Traces::of($schedule->again($pour->plan(), $pour->ageMin()));

        return response()->json(CoatAnswer::trace($traces[$figure] ?? abort(404), Person::of($request)));
    }

    /** When so many drops, metres of line or touches have to be begun, and how many hands they need; null while or where it holds none. */
    public function pace(Request $request, Pour $pour, Pace $pace): JsonResponse
    {
        $count = $request->query('count');
        $effect = array_values(array_filter($pour->shown()->entries('effects'), static fn (Entry $one): bool => $one->text('pace') === $pace->value))[0] ?? null;
        $from = $effect?->number('from_min');
        $to = $effect?->number('to_min');
        if (! is_numeric($count) || $count <= 0 || $from === null || $to === null || $pour->poured_at === null) {
            return response()->json(['begin_at' => null, 'hands' => null]);
        }
        $window = EffectWindow::between($pace, $from, $to);

        return response()->json(['begin_at' => (int) Moment::ms($pour->poured_at) + (int) round(60_000 * $window->beginBy((float) $count)), 'hands' => $window->handsFor((float) $count)]);
    }

    /** What is missing on it: an amount as somebody writes it. */
    public function short(Request $request, Pour $pour, Unexpected $unexpected): JsonResponse
    {
        $written = $request->query('ml');
        try {
            $ml = is_string($written) ? VolumeParser::ml($written, Person::of($request)->units) : 0.0;
        } catch (QuantityException) {
            $ml = 0.0;
        }

        return $ml > 0 ? response()->json($unexpected->short($pour, $ml, Arrival::of($request))) : throw FieldException::at(['ml' => Refused::because(Refusal::NoAmount)->said()]);
    }

    /** A pool on it: how deep it stands, as somebody writes a length, and on which share of the face, per cent. */
    public function pool(Request $request, Pour $pour, Unexpected $unexpected): JsonResponse
    {
        $written = $request->query('depth');
        $share = $request->query('share');
        try {
            $depth = is_string($written) ? LengthParser::mm($written, Person::of($request)->units->lengthUnit()) : 0.0;
        } catch (QuantityException $exception) {
            throw FieldException::at(['depth' => $exception->said]);
        }
        $share = is_numeric($share) ? (float) $share / 100 : 0.0;
        if ($share <= 0 || $share > 1) {
            throw FieldException::at(['share' => Message::of('refused.share_of_face')]);
        }

        return response()->json(['pool' => $unexpected->pool($pour, $depth, $share, Arrival::of($request))]);
    }

    public function finishing(Request $request, Pour $pour): Response
    {
        return Inertia::render('Finish', [
            'pour' => PourState::of($pour, $now = Arrival::of($request), VapoursInRoom::at($now)),
            'planned' => [...UsedBesidePlanned::of($pour), 'left_g' => UsedBesidePlanned::leftOfItsCup($pour)],
            'photo_limits' => ['megabytes' => PhotoStore::MOST_MEGABYTES, 'megapixels' => PhotoStore::MOST_MEGAPIXELS],
        ]);
    }

    public function finish(Request $request, Pour $pour, PhotoStore $photos, Bench $bench): RedirectResponse
    {
        $facts = (new UsedFields($pour))->read(fn (string $field): string => SentJson::text($request, $field));
        $file = $request->file('photo');
        $before = $pour->photo;
        $photo = $file instanceof UploadedFile ? $photos->keep($file) : null;
        try {
            $pressed = $this->presses->ofForm(Entry::from(['press' => self::press($request)]), Arrival::of($request), EventKind::Took, $pour->id);
            $bench->write($pressed->saying($photo === null ? $facts : $facts->with('photo', $photo)), Person::of($request));
        } finally {
            // what is not the photo of this pour now is nobody's
            foreach (array_diff(array_filter([$before, $photo]), [$pour->refresh()->photo]) as $nobodys) {
                $photos->forget($nobodys);
            }
        }

        return $pour->piece_id === null
            ? redirect()->route('now')
            : redirect()->route('pieces.history', $pour->piece_id)->with('said', Person::of($request)->say(Message::of('said.written_down')));
    }

    /** @return array{id: string, rest_ml: float, has_rest: bool, rest: string|null, event: string|null}|null the cup that it was poured from */
    private static function cup(Pour $pour): ?array
    {
        $cup = $pour->mixing;

        return $cup === null ? null : ['id' => $cup->id, 'rest_ml' => $cup->result()->restMl(), 'has_rest' => $cup->result()->hasRest(), 'rest' => $cup->rest, 'event' => $cup->rest_event];
    }

    /** A form with a file has no objects: the press is one field of JSON. */
    private static function press(Request $request): ?Entry
    {
        try {
            return Json::read(SentJson::text($request, 'press'));
        } catch (JsonException) {
            return null;
        }
    }

    public function photo(string $name): StreamedResponse
    {
        abort_unless(Storage::exists('photos/'.$name), 404);

        return Storage::response('photos/'.$name, headers: ['Cache-Control' => 'private, max-age=31536000, immutable']);
    }
}
