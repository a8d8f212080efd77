<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

/** A coat that could take what is left in a cup, and what it would lack. */
final readonly class RestTaker
{
    /** A piece that would get less than this share of what it wants is not offered. */
    private const LEAST_SHARE = 0.5;

    private const MOST = 4;

    private function __construct(
        public string $coat,
        /** of its pieces that get all that they want */
        public int $pieces,
        /** of one of them, ml */
        public float $eachMl,
        /** what a single piece would lack, ml; 0 where it gets all */
        public float $lacksMl,
    ) {
    }

    /**
     * The best first: those whose pieces get all of it and leave least, then those that lack least.
     *
     * @param  array<string, array{float, int}>  $wanting  by coat: ml that each piece wants, and how many pieces wait
     * @return list<self> four at most
     */
    public static function of(float $restMl, array $wanting): array
    {
        $takers = [];
        foreach ($wanting as $coat => [$each, $count]) {
            if ($each <= 0 || $count < 1 || $restMl < self::LEAST_SHARE * $each) {
                continue;
            }
            $pieces = min($count, (int) floor($restMl / $each + 1e-9));
            $takers[] = new self((string) $coat, $pieces, $each, $pieces > 0 ? 0.0 : $each - $restMl);
        }
        usort($takers, static fn (self $a, self $b): int => [$a->lacksMl, $restMl - $a->pieces * $a->eachMl, $a->coat] <=> [$b->lacksMl, $restMl - $b->pieces * $b->eachMl, $b->coat]);

        return array_slice($takers, 0, self::MOST);
    }
}
