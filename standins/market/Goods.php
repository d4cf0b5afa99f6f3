<?php

declare(strict_types=1);

namespace Standins\market;

/** One of a marketplace's goods, and what becomes of whoever asks for it. */
final readonly class Goods
{
    private const DAY = 86_400;

    private function __construct(
        public string $name,
        /** In hundredths of a euro, until the demo is moved on. */
        private int $cents,
        /** After so many days of the demo it is not sold any more; `null`: it stays. */
        private ?int $goneAfterDays = null,
        /** The item to which it was moved. */
        public ?string $movedTo = null,
        public int $seconds = 0,
        /** What the marketplace tells of it. */
        public string $text = '',
    ) {}

    public static function of(string $name, int $cents, string $text = ''): self
    {
        return new self($name, $cents, text: $text);
    }

    /** It is not sold any more. */
    public static function vanished(string $name): self
    {
        return new self($name, 0, 0);
    }

    /** Sold until the demo was moved on by so many days. */
    public static function leaving(string $name, int $cents, int $days, string $text = ''): self
    {
        return new self($name, $cents, $days, text: $text);
    }

    public static function moved(string $name, string $to): self
    {
        return new self($name, 0, movedTo: $to);
    }

    public static function slow(string $name, int $cents): self
    {
        return new self($name, $cents, seconds: 3);
    }

    /** @param  float  $ahead  seconds by which the demo was moved on */
    public function isGone(float $ahead): bool
    {
        return $this->goneAfterDays !== null && $ahead >= $this->goneAfterDays * self::DAY;
    }

    /**
     * @param  float  $ahead  seconds by which the demo was moved on
     * @return int in hundredths of the marketplace's currency: a little more or less each week from then on
     */
    public function price(float $ahead, int $rate): int
    {
        $week = intdiv((int) $ahead, 7 * self::DAY);

        return intdiv($this->cents * $rate * (100 + ($week === 0 ? 0 : crc32("{$this->name} {$week}") % 15 - 7)), 10_000);
    }
}
