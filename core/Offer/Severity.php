<?php

declare(strict_types=1);

namespace PaperKite\Offer;

enum Severity: string
{
    /** Can't be saved or go live like this. */
    case Error = 'error';
    case Caution = 'caution';
    case Hint = 'hint';
}
