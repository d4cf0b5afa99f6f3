<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Demo\Pdf as Written;

/** PDFs of all sorts. */
final class Pdf
{
    /** @param  non-empty-list<string>  $pages */
    public static function ofPages(array $pages): string
    {
        return Written::ofPages($pages);
    }

    /** That asks for a password: its key fits none that is blank. */
    public static function encrypted(): string
    {
        $secret = str_repeat('41', 32);

        return str_replace('/Root 1 0 R >>', "/Root 1 0 R /ID [<{$secret}> <{$secret}>] /Encrypt << /Filter /Standard /V 2 /R 3 /Length 128 /P -4 /O <{$secret}> /U <{$secret}> >> >>", self::ofPages(['January']));
    }

    /** A page larger than any memory. */
    public static function endless(): string
    {
        return str_replace('/Contents', '/UserUnit 1 /Group << /S /Transparency /CS /DeviceRGB >> /Contents', str_replace('BT /F', str_repeat('q 1 0 0 1 0 0 cm ', 1_500_000).'BT /F', self::ofPages(['January'])));
    }
}
