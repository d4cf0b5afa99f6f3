<?php

declare(strict_types=1);

namespace PaperKite\Sheet;

/** A cell of a sheet that goes out. */
final class Cell
{
    /**
     * Text that somebody else has typed: what a spreadsheet program would run as a formula gets an apostrophe before it,
     * which such a program takes for "this is text".
     *
     * @see https://owasp.org/www-community/attacks/CSV_Injection
     */
    public static function text(string $text): string
    {
        return preg_match('/\A[\s\x00-\x1f]*[=+\-@\x{FF1D}\x{FF0B}\x{FF0D}\x{FF20}]/u', $text) === 1 ? "'{$text}" : $text;
    }
}
