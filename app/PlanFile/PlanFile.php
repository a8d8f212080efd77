<?php

declare(strict_types=1);

namespace App\PlanFile;

use JsonException;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Fault;
use OpenGlaze\Core\Plan\Plan;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Reading\PlanReader;

/** A plan file's text, read: the document as it stands in the file, and the plan that it means. */
final readonly class PlanFile
{
    public const MOST_BYTES = 20 * 1024 * 1024;

    /** Commas in the text, which is more than any plan of this size needs, and less than takes a second to read. */
    private const MOST_VALUES = 2_000_000;

    private function __construct(
        public PlanDocument $document,
        public Plan $plan,
    ) {
    }

    /** @throws PlanException when it is no plan, with every fault at its pointer */
    public static function read(string $text): self
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw self::fault(Message::of('files.too_large'));
        }
        if (substr_count($text, ',') > self::MOST_VALUES) {
            throw self::fault(Message::of('files.too_many_values'));
        }
        $text = str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text;
        try {
            $document = Json::read($text, PlanDocument::class);
        } catch (JsonException $exception) {
            $isJson = $exception->getCode() === JSON_ERROR_NONE;
            throw self::fault($isJson ? Message::of('files.no_object') : JsonFault::of($text) ?? Message::of('files.unreadable'));
        }

        return new self($document, (new PlanReader)->read($document));
    }

    private static function fault(Message $what): PlanException
    {
        return PlanException::faults([new Fault('', $what)]);
    }
}
