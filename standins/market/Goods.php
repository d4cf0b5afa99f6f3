<?php

declare(strict_types=1);

namespace Standins\market;

/** One of a marketplace's goods, and what becomes of whoever asks for it. */
final readonly class Goods
{
    private const DAY = 86_400;

    private function __construct(
        public string $name,
        /** In hundredths of a euro, on the first day. */
        private int $cents,
        public bool $isGone,
        /** The item to which it was moved. */
        public ?string $movedTo,
        public int $seconds,
    ) {}

    public static function of(string $name, int $cents): self
    {
        return new self($name, $cents, false, null, 0);
    }

    /** It is not sold any more. */
    public static function vanished(string $name): self
    {
        return new self($name, 0, true, null, 0);
    }

    public static function moved(string $name, string $to): self
    {
        return new self($name, 0, false, $to, 0);
    }

    public static function slow(string $name, int $cents): self
    {
        return new self($name, $cents, false, null, 3);
    }

    /** @return int in hundredths of the marketplace's currency: a little more or less each week */
    public function price(float $now, int $rate): int
    {
        $week = intdiv((int) $now, 7 * self::DAY);

        return intdiv($this->cents * $rate * (100 + crc32("{$this->name} {$week}") % 15 - 7), 10_000);
    }
}
