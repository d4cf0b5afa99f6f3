<?php

declare(strict_types=1);

namespace PaperKite\Sheet;

use Generator;
use InvalidArgumentException;

/**
 * Reads a sheet row by row, from wherever it was left, in little memory. A quotation mark that is never closed does not
 * swallow the rest: its row is given as torn, and the next one is read.
 *
 * @see https://www.rfc-editor.org/rfc/rfc4180
 */
final readonly class RowReader
{
    /** In bytes. */
    private const LONGEST_ROW = 65_536;

    private const MOST_LINES = 50;

    /** @param  resource  $stream  of UTF-8 text */
    public function __construct(
        private mixed $stream,
        private Separator $separator,
    ) {
        is_resource($stream) || throw new InvalidArgumentException('Rows are read from a stream.');
    }

    /**
     * @param  int  $from  in bytes, where a row begins
     * @param  int  $number  of the row that begins there
     * @return Generator<int, Row>
     */
    public function rows(int $from, int $number): Generator
    {
        fseek($this->stream, $from);
        while (($line = $this->line()) !== null) {
            $after = (int) ftell($this->stream);
            [$text, $isTorn] = $this->whole($line, $after);
            yield new Row($number++, array_map(static fn (?string $cell): string => mb_scrub($cell ?? '', 'UTF-8'), str_getcsv($text, $this->separator->value, '"', '')), (int) ftell($this->stream), $isTorn);
        }
    }

    /** @return array{string, bool} the row that begins with a line, and whether it is torn */
    private function whole(string $line, int $after): array
    {
        $text = $line;
        for ($lines = 1; $this->isOpen($text); $lines++) {
            $next = $lines < self::MOST_LINES && strlen($text) < self::LONGEST_ROW ? $this->line() : null;
            if ($next === null) {
                fseek($this->stream, $after);

                return [str_replace('"', '', $line), true];
            }
            $text .= "\n{$next}";
        }

        return [$text, false];
    }

    /** A mark opens where a cell begins with it; within a cell, such as 15" for inches, it is a letter. */
    private function isOpen(string $text): bool
    {
        $between = preg_quote($this->separator->value, '/');
        $rest = preg_replace("/(?<=\\A|{$between})\"[^\"]*+(?:\"\"[^\"]*+)*+\"/", '', $text);

        return preg_match("/(?:\\A|{$between})\"/", $rest ?? $text) === 1;
    }

    private function line(): ?string
    {
        $line = fgets($this->stream, self::LONGEST_ROW);

        return $line === false ? null : rtrim($line, "\r\n");
    }
}
