<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Message;

/** Puts messages into words. */
interface Speaker
{
    public function say(Message $message): string;
}
