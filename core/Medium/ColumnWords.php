<?php

declare(strict_types=1);

namespace PaperKite\Medium;

use PaperKite\Refusal;
use PaperKite\Text\Line;

/** What a seller says in a column of a price table, besides what its offer says. */
final readonly class ColumnWords
{
    public const MOST_LINES = 6;

    private const LONGEST_NAME = 60;

    private const LONGEST_LINE = 100;

    private function __construct(
        /** Blank: what it sells. */
        public string $name,
        /** @var list<string> a blank one keeps its row free */
        public array $lines,
    ) {}

    public static function none(): self
    {
        return new self('', []);
    }

    /** @param  string  $text  its lines, each on a line */
    public static function kept(string $name, string $text): self
    {
        return new self($name, $text === '' ? [] : explode("\n", $text));
    }

    /** @throws Refusal */
    public static function readName(string $typed): string
    {
        return trim($typed, ' ') === '' ? '' : Line::of($typed, 'The name of the column', self::LONGEST_NAME)->text;
    }

    /**
     * @return string at most six lines; blank ones between them stay
     *
     * @throws Refusal
     */
    public static function readText(string $typed): string
    {
        $lines = explode("\n", rtrim(str_replace(["\r\n", "\r", "\t"], ["\n", "\n", ' '], $typed), " \n"));
        if (count($lines) > self::MOST_LINES) {
            throw InvalidColumn::tooManyLines(count($lines), self::MOST_LINES);
        }

        return implode("\n", array_map(static fn (string $line): string => trim($line, ' ') === '' ? '' : Line::of($line, 'A line of the column', self::LONGEST_LINE)->text, $lines));
    }
}
