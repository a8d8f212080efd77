<?php

declare(strict_types=1);

namespace App\Saying;

use Illuminate\Support\Facades\Lang;
use LogicException;
use OpenGlaze\Core\Wording\Catalogue;

/** The sentences of the language that the application is set to, out of lang/. */
final readonly class LanguageFiles implements Catalogue
{
    public function line(string $key): string
    {
        $line = Lang::get($key);

        return is_string($line) && $line !== $key ? $line : throw new LogicException("no language file says $key");
    }
}
