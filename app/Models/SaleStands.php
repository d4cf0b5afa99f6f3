<?php

declare(strict_types=1);

namespace App\Models;

/** Whether a sale of a report counts. */
enum SaleStands: string
{
    /** Its report is still being read. */
    case Waiting = 'waiting';
    case Counts = 'counts';

    /** An earlier report has the same row. */
    case Repeated = 'repeated';

    /** A later report says otherwise. */
    case Corrected = 'corrected';
    case TakenBack = 'taken_back';
}
