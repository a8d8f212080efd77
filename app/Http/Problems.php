<?php

declare(strict_types=1);

namespace App\Http;

use App\Planning\FieldException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** Turns what goes wrong into a sentence at its field, or on a page of its own. */
final class Problems
{
    private const SENTENCES = [
        404 => 'There is nothing at this address. It may have been taken away.',
        405 => 'This address does not take that.',
        413 => 'That file is too large: choose one of at most 20 MB.',
        419 => 'This page was open for too long. Reload it and do that again.',
        500 => 'Something went wrong here, and was written to the log. What you had saved is still there.',
        503 => 'Open Glaze is being set up. Try again in a moment.',
    ];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([FieldException::class]);
        $exceptions->render(fn (FieldException $exception, Request $request): Response => self::atFields($exception, $request));
        $exceptions->render(fn (PostTooLargeException $exception, Request $request): Response => self::atFields(
            FieldException::at(['photo' => self::SENTENCES[413]]), $request,
        ));
        $exceptions->respond(self::page(...));
    }

    /** @throws ValidationException which Inertia puts at the fields of the form */
    private static function atFields(FieldException $exception, Request $request): Response
    {
        if ($request->hasHeader('X-Inertia') || ! $request->expectsJson()) {
            return back()->withErrors($exception->sentences)->setStatusCode(303);
        }

        return response()->json(['sentences' => $exception->sentences], 422);
    }

    private static function page(Response $response, Throwable $exception, Request $request): Response
    {
        $status = $exception instanceof TokenMismatchException ? 419 : $response->getStatusCode();
        $sentence = self::SENTENCES[$status] ?? null;
        if ($sentence === null || $exception instanceof FieldException) {
            return $response;
        }
        if ($request->expectsJson() && ! $request->hasHeader('X-Inertia')) {
            return response()->json(['sentences' => ['form' => $sentence]], $status);
        }

        return Inertia::render('Problem', ['status' => $status, 'sentence' => $sentence])
            ->toResponse($request)
            ->setStatusCode($status);
    }
}
