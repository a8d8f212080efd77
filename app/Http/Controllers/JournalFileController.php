<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Journal\JournalFile;
use App\Journal\Words;
use App\Models\Pour;
use App\Saying\Person;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OpenGlaze\Core\Message\Message;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The journal as a file, and the words in it erased. */
final class JournalFileController
{
    public function export(): StreamedResponse
    {
        return response()->streamDownload(static function (): void {
            foreach (JournalFile::lines() as $line) {
                echo $line, "\n";
            }
        }, 'journal.jsonl', ['Content-Type' => 'application/x-ndjson; charset=utf-8']);
    }

    public function erase(Request $request, Pour $pour, Words $words): RedirectResponse
    {
        $words->erase($pour->id);

        return back()->with('said', Person::of($request)->say(Message::of('journal.words_erased')));
    }
}
