<?php

declare(strict_types=1);

namespace App\Saying;

use Illuminate\Http\Request;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Wording\Sayer;

/** Who looks at a page: the units that they write and read, and how things are said to them. */
final readonly class Person implements Speaker
{
    public const UNITS_COOKIE = 'units';

    private Sayer $sayer;

    public function __construct(public UnitSystem $units)
    {
        $this->sayer = new Sayer(new LanguageFiles, $units);
    }

    public static function of(Request $request): self
    {
        $cookie = $request->cookie(self::UNITS_COOKIE);

        return new self(UnitSystem::tryFrom(is_string($cookie) ? $cookie : '') ?? UnitSystem::Metric);
    }

    public function say(Message $message): string
    {
        return $this->sayer->say($message);
    }
}
