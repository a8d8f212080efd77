<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/** Why something cannot ever be written down as it was sent. */
enum Refusal: string
{
    case NotThere = 'not_there';
    case NotOfThis = 'not_of_this';
    case NotOfThisStudio = 'not_of_this_studio';
    case Unreadable = 'unreadable';
    case AlreadyBegun = 'already_begun';
    case NotMeasured = 'not_measured';
    case WeighedAlready = 'weighed_already';
    case NotMixed = 'not_mixed';
    case AlreadyMixed = 'already_mixed';
    case BothPartsIn = 'both_parts_in';
    case PouredAlready = 'poured_already';
    case NotPoured = 'not_poured';
    case UnknownAct = 'unknown_act';
    case ToolRuledOut = 'tool_ruled_out';
    case ActsDone = 'acts_done';
    case CannotUndo = 'cannot_undo';
    case NoAmount = 'no_amount';
    case NoReason = 'no_reason';
    case SoMuch = 'so_much';

    /** Whether it is about a thing that is not there, about its state, or about what was sent. */
    public function status(): int
    {
        return match ($this) {
            self::NotThere => 404,
            self::NotOfThis, self::Unreadable, self::NoAmount, self::NoReason, self::SoMuch => 422,
            default => 409,
        };
    }
}
