<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Journal\ThisStudio;
use App\Models\Plan;
use App\Rehearsing\Stage;
use App\Saying\Person;
use Closure;
use Illuminate\Http\Request;
use Inertia\Middleware;
use OpenGlaze\Core\Safety\Caution;
use Symfony\Component\HttpFoundation\Response;

/** What every page knows: the person's units, the studio, and a message from the last action. */
final class ShareWithPages extends Middleware
{
    protected $rootView = 'app';

    public function __construct(
        private readonly ThisStudio $studio,
        private readonly Stage $stage,
    ) {
    }

    /** Says which studio a page is of: what is kept of it elsewhere is named by that. */
    public function handle(Request $request, Closure $next): Response
    {
        // whose it was when it was asked: who goes on a stage with it is not there yet
        $studio = $this->studio->id();
        $response = parent::handle($request, $next);
        $response->headers->set(Rehearse::STUDIO, $studio);

        return $response;
    }

    /** @return array<string, mixed> */
    public function share(Request $request): array
    {
        return [
            ...parent::share($request),
            'units' => Person::of($request)->units->value,
            'studio_id' => fn (): string => $this->studio->id(),
            'studio' => fn (): ?string => Plan::query()->oldest('id')->first()?->name,
            'no_substitute' => Person::of($request)->say(Caution::noSubstitute()),
            'rehearsal' => fn (): ?array => $this->stage->rehearsal() === null ? null : ['pace' => $this->stage->rehearsal()->pace, 'ended' => $this->stage->rehearsal()->ended_ms !== null],
            'said' => fn (): mixed => $request->session()->get('said'),
            'undo' => fn (): mixed => $request->session()->get('undo'),
        ];
    }
}
