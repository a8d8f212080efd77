<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Svg;

use DOMDocument;
use DOMElement;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Outline\Affine;
use OpenGlaze\Core\Outline\Loop;
use OpenGlaze\Core\Outline\LoopCheck;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Outline\Point;

/**
 * The outline of a piece from an SVG drawing: its largest shape, with what lies inside it as holes.
 *
 * Scripts, entities and everything that leads out of the file are refused.
 */
final class SvgOutline
{
    public const MOST_BYTES = 5 * 1024 * 1024;

    /**
     * Path data in mm, the edge first, its box beginning at 0, 0.
     *
     * @param  float|null  $widthMm  of the piece, for a drawing that does not say how large it is
     *
     * @throws SvgException|OutlineException when the drawing gives no outline
     */
    public static function pathData(string $text, ?float $widthMm = null): string
    {
        $svg = self::root($text);
        $size = SvgSize::toMm($svg);
        $loops = SvgShapes::of($svg, $size ?? Affine::identity());
        if ($loops === []) {
            throw SvgException::noShapes();
        }
        $areas = array_map(static fn (Loop $loop): float => $loop->areaMm2(), $loops);
        array_multisort($areas, SORT_DESC, array_keys($loops), $loops);
        $box = $loops[0]->box();
        if ($size === null || $widthMm !== null) {
            $scale = ($widthMm ?? throw SvgException::noSize()) / $box->widthMm();
            $loops = array_map(static fn (Loop $loop): Loop => $loop->mapped(Affine::scale($scale, $scale)), $loops);
            $box = $loops[0]->box();
        }
        self::refuseApart($loops);
        $home = new Point(-$box->left, -$box->top);

        return implode(' ', array_map(static fn (Loop $loop): string => $loop->moved($home)->data(), $loops));
    }

    private static function root(string $text): DOMElement
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw SvgException::tooLarge();
        }
        if (preg_match('/<!(?:DOCTYPE|ENTITY)/i', $text) === 1) {
            throw SvgException::refused(Message::of('drawings.entities'));
        }
        $before = libxml_use_internal_errors(true);
        try {
            $document = new DOMDocument;
            if (trim($text) === '' || ! $document->loadXML($text, LIBXML_NONET)) {
                throw SvgException::unreadable();
            }
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
        $root = $document->documentElement;
        if ($root === null || $document->doctype !== null || strtolower($root->localName ?? '') !== 'svg') {
            throw SvgException::unreadable();
        }

        return $root;
    }

    /** @param  non-empty-list<Loop>  $loops the largest first */
    private static function refuseApart(array $loops): void
    {
        $edge = $loops[0]->points($loops[0]->box()->toleranceMm());
        $apart = 1;
        foreach (array_slice($loops, 1) as $loop) {
            $apart += LoopCheck::holds($edge, $loop->start()) ? 0 : 1;
        }
        if ($apart > 1) {
            throw SvgException::apart($apart);
        }
    }
}
