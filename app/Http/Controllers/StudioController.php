<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editing;
use App\Http\SentJson;
use App\Http\Typed;
use App\Models\Plan;
use App\Planning\RoomDesk;
use App\Planning\RoomInForce;
use App\Saying\Person;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use OpenGlaze\Core\Message\Message;

/** The studio itself: its name, its room, its signs. */
final readonly class StudioController
{
    public function show(RoomDesk $desk): Response
    {
        $own = Plan::own();

        return Inertia::render('Studio', [
            'name' => $own->name,
            'room' => $own->studio(),
            'read' => ['plan' => $own->version],
            'in_force' => RoomInForce::of($desk->inForce($own)),
            'plans' => Plan::query()->withCount('pieces')->oldest('id')->get()
                ->map(fn (Plan $plan): array => ['id' => $plan->id, 'name' => $plan->name, 'pieces' => $plan->pieces_count, 'own' => $plan->isOwn(), 'away' => $plan->put_away_at !== null]),
        ]);
    }

    public function update(Request $request, RoomDesk $desk): RedirectResponse
    {
        $body = SentJson::of($request);
        $edit = Editing::by($request, $body);
        $desk->change(Plan::own(), $body->text('name') ?? '', Typed::room($request, $body), $edit);

        return redirect()->route('studio')->with('said', Person::of($request)->say(Message::of('said.saved')));
    }

    public function swatches(): Response
    {
        return Inertia::render('Swatches');
    }
}
