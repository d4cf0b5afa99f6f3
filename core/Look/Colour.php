<?php

declare(strict_types=1);

namespace PaperKite\Look;

/** An opaque colour of sRGB, as CSS writes it with six digits. */
final readonly class Colour
{
    private function __construct(
        public int $red,
        public int $green,
        public int $blue,
    ) {}

    public static function of(int $red, int $green, int $blue): self
    {
        return new self(self::byte($red), self::byte($green), self::byte($blue));
    }

    /** @throws InvalidLook */
    public static function read(string $text, string $what): self
    {
        if (preg_match('/\A#?([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})\z/i', trim($text, ' '), $part) !== 1) {
            throw InvalidLook::colour($what, $text);
        }

        return new self((int) hexdec($part[1]), (int) hexdec($part[2]), (int) hexdec($part[3]));
    }

    public function hex(): string
    {
        return sprintf('#%02x%02x%02x', $this->red, $this->green, $this->blue);
    }

    public function equals(self $other): bool
    {
        return $this->hex() === $other->hex();
    }

    /**
     * Relative luminance, from 0 for black to 1 for white.
     *
     * @see https://www.w3.org/TR/WCAG22/#dfn-relative-luminance
     */
    public function luminance(): float
    {
        return 0.2126 * self::linear($this->red) + 0.7152 * self::linear($this->green) + 0.0722 * self::linear($this->blue);
    }

    /** @return array{float, float, float} red, green, blue in linear light, from 0 to 1 */
    public function light(): array
    {
        return [self::linear($this->red), self::linear($this->green), self::linear($this->blue)];
    }

    /** The transfer function of sRGB (IEC 61966-2-1). */
    private static function linear(int $byte): float
    {
        $value = $byte / 255;

        return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
    }

    private static function byte(int $value): int
    {
        return max(0, min(255, $value));
    }
}
