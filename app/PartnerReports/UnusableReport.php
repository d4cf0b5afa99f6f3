<?php

declare(strict_types=1);

namespace App\PartnerReports;

use RuntimeException;

/** Why a file can't be read as a report, and what to do. */
final class UnusableReport extends RuntimeException
{
    public static function tooLarge(): self
    {
        return new self('The file is larger than 10 MB; take a report of a shorter time.');
    }

    public static function noSheet(): self
    {
        return new self('This is no text: open it where it came from, and take the report as CSV.');
    }

    public static function blank(): self
    {
        return new self('There are no rows in this file; take a report of a time with sales.');
    }

    public static function oneColumn(): self
    {
        return new self('The rows of this file have one cell each; choose what stands between cells, or take the report as CSV.');
    }

    public static function gone(): self
    {
        return new self('The file of this report is not there any more; drop the report, and upload it again.');
    }

    public static function notKept(): self
    {
        return new self('The file could not be kept: the disk may be full. Nothing was saved; try again later.');
    }
}
