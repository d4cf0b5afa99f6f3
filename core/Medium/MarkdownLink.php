<?php

declare(strict_types=1);

namespace PaperKite\Medium;

/** A link in Markdown (CommonMark 0.31). */
final readonly class MarkdownLink implements Medium
{
    public function key(): string
    {
        return 'markdown';
    }

    public function label(): string
    {
        return 'Markdown';
    }

    public function isLive(): bool
    {
        return false;
    }

    public function opensTabs(): bool
    {
        return false;
    }

    public function note(): string
    {
        return 'For a post or a manual written in Markdown. A copy: its words stay as they are today.';
    }

    public function snippet(Placed $placed): string
    {
        $note = $placed->partner === null ? '' : " ({$this->escaped($placed->partner->disclosure)})";

        return "[{$this->escaped($placed->caption)}](<{$placed->url}>){$note}";
    }

    /** Any punctuation of ASCII may be written with a backslash, and then means nothing but itself (CommonMark, 2.4). */
    private function escaped(string $text): string
    {
        return (string) preg_replace('/[!-\/:-@\[-`{-~]/', '\\\\$0', $text);
    }
}
