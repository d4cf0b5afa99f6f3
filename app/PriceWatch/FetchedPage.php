<?php

declare(strict_types=1);

namespace App\PriceWatch;

use PaperKite\Partner\Price\PageProblem;

/** A page of a marketplace, or why there is none. */
final readonly class FetchedPage
{
    private function __construct(
        /** Where it was found in the end. */
        public string $address,
        public string $html,
        public ?PageProblem $problem,
        /** For how many seconds the host wants to be left alone. */
        public int $waitSeconds,
    ) {}

    public static function found(string $address, string $html): self
    {
        return new self($address, $html, null, 0);
    }

    public static function none(string $address, PageProblem $problem, int $waitSeconds = 0): self
    {
        return new self($address, '', $problem, $waitSeconds);
    }
}
