<?php

declare(strict_types=1);

namespace App\Http;

use App\Editing\Stale;
use App\Journal\Refused;
use App\Saying\Person;
use App\Typed\FieldException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Request;
use Illuminate\Http\Response as IlluminateResponse;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\Lang;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use OpenGlaze\Core\Message\Message;
use PDOException;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** Turns what goes wrong into a sentence at its field, or on a page of its own. */
final class Problems
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([FieldException::class, Refused::class, Stale::class]);
        // that it waits its turn is no fault
        $exceptions->dontReportWhen(fn (Throwable $exception): bool => self::whyUnwritable($exception) === 'locked');
        $exceptions->render(fn (FieldException $exception, Request $request): Response => self::atFields($exception, $request));
        $exceptions->render(fn (PostTooLargeException $exception, Request $request): Response => self::atFields(
            FieldException::at(['photo' => Message::of('problems.413')]), $request,
        ));
        $exceptions->render(fn (Refused $refused, Request $request): Response => self::refused($refused, $request));
        $exceptions->render(fn (Stale $stale, Request $request): Response => self::stale($stale, $request));
        $exceptions->render(fn (PDOException $exception, Request $request): ?Response => self::unwritable($exception, $request));
        $exceptions->respond(self::page(...));
    }

    /** @throws ValidationException which Inertia puts at the fields of the form */
    private static function atFields(FieldException $exception, Request $request): Response
    {
        if ($request->hasHeader('X-Inertia') || ! $request->expectsJson()) {
            return back()->withErrors(self::fitting($exception->sentences(Person::of($request))))->setStatusCode(303);
        }

        return response()->json(['sentences' => $exception->sentences(Person::of($request)), 'codes' => (object) $exception->codes()], 422);
    }

    /**
     * What has room in the cookie of a session.
     *
     * @param  array<string, string>  $sentences
     * @return array<string, string>
     */
    private static function fitting(array $sentences): array
    {
        $fitting = [];
        foreach ($sentences as $field => $sentence) {
            $fitting[$field] = mb_substr($sentence, 0, 600);
            if (strlen(implode('', $fitting)) + strlen(implode('', array_keys($fitting))) > 1800) {
                unset($fitting[$field]);
                break;
            }
        }

        return $fitting === [] ? ['form' => mb_substr((string) reset($sentences), 0, 600)] : $fitting;
    }

    private static function page(Response $response, Throwable $exception, Request $request): Response
    {
        $status = $exception instanceof TokenMismatchException ? 419 : $response->getStatusCode();
        if (! Lang::has("problems.$status") || $exception instanceof FieldException || $exception instanceof Refused || $exception instanceof Stale || self::whyUnwritable($exception) !== null) {
            return $response;
        }

        // a form whose token has run out sends itself again with a new one
        return $status === 419 && $request->hasHeader('X-Inertia') ? new IlluminateResponse('', 419) : self::said((string) $status, $status, $request);
    }

    /** What cannot ever be written down. */
    private static function refused(Refused $refused, Request $request): Response
    {
        if ($request->hasHeader('X-Inertia') || ! $request->expectsJson()) {
            return back()->withErrors([$refused->field => Person::of($request)->say($refused->said())])->setStatusCode(303);
        }

        return response()->json(['code' => $refused->why->value, 'sentences' => [$refused->field => Person::of($request)->say($refused->said())]], $refused->why->status());
    }

    /** It was changed elsewhere since it was read: what is there now has another version, and can be written over on purpose. */
    private static function stale(Stale $stale, Request $request): Response
    {
        if ($request->hasHeader('X-Inertia') || ! $request->expectsJson()) {
            return back()->withErrors(['form' => Person::of($request)->say($stale->said()), 'stale' => (string) $stale->version])->setStatusCode(303);
        }

        return response()->json(['code' => 'stale', 'version' => $stale->version, 'sentences' => ['form' => Person::of($request)->say($stale->said())]], 409);
    }

    /** The database is busy, full or read-only: it can be tried again, and nothing was lost. */
    private static function unwritable(PDOException $exception, Request $request): ?Response
    {
        $code = self::whyUnwritable($exception);

        return $code === null ? null : self::said($code, 503, $request, $code);
    }

    private static function whyUnwritable(Throwable $exception): ?string
    {
        return match (true) {
            ! $exception instanceof PDOException => null,
            str_contains($exception->getMessage(), 'database is locked') => 'locked',
            str_contains($exception->getMessage(), 'disk is full') => 'full',
            str_contains($exception->getMessage(), 'readonly database') => 'read_only',
            default => null,
        };
    }

    /** @param  string  $problem  as the catalogue of problems calls it */
    private static function said(string $problem, int $status, Request $request, ?string $code = null): Response
    {
        $sentence = Person::of($request)->say(Message::of('problems.'.$problem));
        if ($request->expectsJson() && ! $request->hasHeader('X-Inertia')) {
            return response()->json(['code' => $code, 'sentences' => ['form' => $sentence]], $status);
        }

        return Inertia::render('Problem', ['status' => $status, 'sentence' => $sentence, 'said' => null, 'undo' => null])
            ->toResponse($request)
            ->setStatusCode($status);
    }
}
