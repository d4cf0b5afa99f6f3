<?php

declare(strict_types=1);

namespace PaperKite\Medium;

/** The form in which an offer stands in one place. A new medium is a class beside these and a line in `Media`. */
interface Medium
{
    /** Under which the database and the API know it. */
    public function key(): string;

    /** As the seller reads it. */
    public function label(): string;

    /** Whether it follows every change of the offer; else it is a copy, which keeps the words and the look of its day. */
    public function isLive(): bool;

    /** Whether it can open what a click leads to in a tab of its own. */
    public function opensTabs(): bool;

    /** What it is good for, and what becomes of it when the offer changes. */
    public function note(): string;

    /** What is pasted: plain text, HTML, Markdown or JSON in its element, everything escaped for where it will stand. */
    public function snippet(Placed $placed): string;
}
