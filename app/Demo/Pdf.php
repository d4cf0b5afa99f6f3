<?php

declare(strict_types=1);

namespace App\Demo;

/**
 * A small PDF of pages of text, made without a program: what the demo sells, and tests upload.
 *
 * @see ISO 32000-1
 */
final class Pdf
{
    private const LINES_ON_PAGE = 36;

    /** @param  non-empty-list<string>  $pages  lines of Latin letters; the first of each is its heading */
    public static function ofPages(array $pages): string
    {
        $objects = [1 => '<< /Type /Catalog /Pages 2 0 R >>', 3 => '<< /Type /Font /Subtype /Type1 /BaseFont /Times-Roman /Encoding /WinAnsiEncoding >>'];
        $kids = [];
        foreach ($pages as $i => $text) {
            [$page, $content] = [4 + 2 * $i, 5 + 2 * $i];
            $kids[] = "{$page} 0 R";
            $drawn = self::drawn($text);
            $objects[$page] = "<< /Type /Page /Parent 2 0 R /MediaBox [0 0 420 595] /Resources << /Font << /F 3 0 R >> >> /Contents {$content} 0 R >>";
            $objects[$content] = '<< /Length '.strlen($drawn)." >>\nstream\n{$drawn}\nendstream";
        }
        $objects[2] = '<< /Type /Pages /Kids ['.implode(' ', $kids).'] /Count '.count($kids).' >>';
        ksort($objects);

        return self::written($objects);
    }

    /** @param  array<int, string>  $objects  by number, from 1 without gaps */
    private static function written(array $objects): string
    {
        $pdf = "%PDF-1.4\n";
        $table = '';
        foreach ($objects as $number => $object) {
            $table .= sprintf("%010d 00000 n \n", strlen($pdf));
            $pdf .= "{$number} 0 obj\n{$object}\nendobj\n";
        }
        $size = count($objects) + 1;

        return $pdf."xref\n0 {$size}\n0000000000 65535 f \n{$table}trailer\n<< /Size {$size} /Root 1 0 R >>\nstartxref\n".strlen($pdf)."\n%%EOF\n";
    }

    private static function drawn(string $text): string
    {
        $lines = array_slice(explode("\n", $text), 0, self::LINES_ON_PAGE);
        $drawn = 'BT /F 24 Tf 48 520 Td ('.self::escaped($lines[0]).') Tj /F 12 Tf 0 -16 Td';
        foreach (array_slice($lines, 1) as $line) {
            $drawn .= ' 0 -17 Td ('.self::escaped($line).') Tj';
        }

        return "{$drawn} ET";
    }

    private static function escaped(string $line): string
    {
        return addcslashes((string) mb_convert_encoding($line, 'Windows-1252', 'UTF-8'), '()\\');
    }
}
