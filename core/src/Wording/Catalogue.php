<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Wording;

/** The sentences of one language, by their keys. */
interface Catalogue
{
    /** @return string with a colon before each name of what fills it; a capital there begins the sentence with it */
    public function line(string $key): string;
}
