<?php

declare(strict_types=1);

namespace PaperKite\Page;

/**
 * A letter that was written as plain text, as HTML for mail programs: paragraphs, indented lines as a list of their own,
 * addresses as links. Styles stand in the elements, since many programs drop style sheets.
 */
final class LetterHtml
{
    private const BODY = 'margin:0;padding:24px 16px;background:#f4f6f7;color:#18222d;font:16px/1.5 system-ui,sans-serif';

    private const SHEET = 'max-width:36em;margin:0 auto;padding:24px;background:#ffffff;color:#18222d;border-top:4px solid ';

    private const LINES = 'margin:0 0 1em;padding:0 0 0 14px;border-left:2px solid #c6d3da';

    /**
     * @param  string  $from  who writes
     * @param  string  $accent  of the shop, as CSS writes it with six digits
     * @param  string  $language  BCP 47
     */
    public static function of(string $subject, string $text, string $from, string $accent, string $language): string
    {
        $content = implode("\n", array_map(self::block(...), preg_split('/\n\s*\n/', trim(str_replace("\r\n", "\n", $text), "\n")) ?: []));

        return '<!doctype html><html lang="'.self::escaped($language).'"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>'.self::escaped($subject).'</title></head>'
            .'<body style="'.self::BODY.'"><div style="'.self::SHEET.$accent.'">'
            .'<p dir="auto" style="margin:0 0 1.2em;font-weight:600;color:'.$accent.'">'.self::escaped($from).'</p>'
            ."{$content}</div></body></html>";
    }

    private static function block(string $block): string
    {
        $html = '';
        foreach (self::runs(explode("\n", $block)) as [$isIndented, $lines]) {
            $inner = implode('<br>', array_map(static fn (string $line): string => self::linked(trim($line)), $lines));
            $html .= '<p dir="auto" style="'.($isIndented ? self::LINES : 'margin:0 0 1em').'">'.$inner.'</p>';
        }

        return $html;
    }

    /**
     * @param  list<string>  $lines
     * @return list<array{bool, list<string>}> neighbours that are indented alike
     */
    private static function runs(array $lines): array
    {
        $runs = [];
        $run = [];
        foreach ($lines as $at => $line) {
            $run[] = $line;
            $isIndented = str_starts_with($line, '  ');
            if (! isset($lines[$at + 1]) || str_starts_with($lines[$at + 1], '  ') !== $isIndented) {
                $runs[] = [$isIndented, $run];
                $run = [];
            }
        }

        return $runs;
    }

    private static function linked(string $line): string
    {
        $parts = preg_split('~(https?://[^\s<>"]+[^\s<>".,;:!?)])~', $line, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];

        return implode('', array_map(static fn (string $part, int $at): string => $at % 2 === 1
            ? '<a href="'.self::escaped($part).'" style="color:#1e5a70;overflow-wrap:anywhere">'.self::escaped($part).'</a>'
            : self::escaped($part), $parts, array_keys($parts)));
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_HTML5 | ENT_SUBSTITUTE, 'UTF-8');
    }
}
