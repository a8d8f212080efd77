<?php

declare(strict_types=1);

namespace App\Device;

/** Why a device says nothing that can be read. */
enum NoAnswer: string
{
    case Absent = 'absent';
    case Silent = 'silent';
    case Garbled = 'not_understood';
}
