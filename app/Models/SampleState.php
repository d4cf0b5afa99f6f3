<?php

declare(strict_types=1);

namespace App\Models;

enum SampleState: string
{
    /** Its pages are still to be drawn. */
    case Waiting = 'waiting';
    case Ready = 'ready';

    /** Nothing can be shown of it; its problem says why. */
    case Broken = 'broken';
}
