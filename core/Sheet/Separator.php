<?php

declare(strict_types=1);

namespace PaperKite\Sheet;

/** What stands between the cells of a row. */
enum Separator: string
{
    case Comma = ',';
    case Semicolon = ';';
    case Tab = "\t";
    case Bar = '|';

    private const SAMPLE = 20;

    /** @param  string  $start  the first rows of a sheet, UTF-8 */
    public static function detect(string $start): self
    {
        $best = self::Comma;
        $most = 0;
        foreach (self::cases() as $separator) {
            $counts = self::counts($start, $separator);
            // As many cells in as many rows as can be: a comma in amounts or words comes and goes.
            $widest = $counts === [] ? 0 : max($counts);
            $alike = count(array_filter($counts, static fn (int $count): bool => $count === $widest));
            $score = $widest < 2 ? 0 : $alike * 100 + $widest;
            if ($score > $most) {
                [$best, $most] = [$separator, $score];
            }
        }

        return $best;
    }

    public function label(): string
    {
        return match ($this) {
            self::Comma => 'Comma',
            self::Semicolon => 'Semicolon',
            self::Tab => 'Tab',
            self::Bar => 'Vertical bar',
        };
    }

    /** @return list<int> how many cells each of the first rows would have */
    private static function counts(string $start, self $separator): array
    {
        $counts = [];
        foreach (array_slice(preg_split('/\r\n|\n|\r/', $start) ?: [], 0, self::SAMPLE) as $line) {
            if (trim($line) !== '') {
                $counts[] = count(str_getcsv($line, $separator->value, '"', ''));
            }
        }

        return $counts;
    }
}
