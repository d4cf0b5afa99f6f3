<?php

declare(strict_types=1);

namespace App\Models;

/** How far a marketplace's report has come. */
enum ReportState: string
{
    /** Uploaded; its columns are still to be said. */
    case New = 'new';
    case Reading = 'reading';
    case Done = 'done';
    case TakenBack = 'taken_back';
}
