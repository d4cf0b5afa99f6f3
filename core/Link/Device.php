<?php

declare(strict_types=1);

namespace PaperKite\Link;

/** The kind of device behind a click, as roughly as results need it; nothing that could tell one person from another. */
enum Device: string
{
    case Phone = 'phone';
    case Tablet = 'tablet';
    case Desktop = 'desktop';

    /** @param  array<string, string>  $headers by lower-case name */
    public static function of(array $headers): self
    {
        return self::from(self::named($headers));
    }

    /**
     * For whoever needs no more than the word: PHP makes the cases anew for each request that names one.
     *
     * @param  array<string, string>  $headers by lower-case name
     * @return value-of<self>
     */
    public static function named(array $headers): string
    {
        $agent = $headers['user-agent'] ?? '';

        return match (true) {
            preg_match('/tablet|ipad|android(?!.*mobile)/i', $agent) === 1 => 'tablet',
            ($headers['sec-ch-ua-mobile'] ?? '') === '?1', preg_match('/mobile/i', $agent) === 1 => 'phone',
            default => 'desktop',
        };
    }

    /** As results keep it; 0 stands for a device that nobody saw. */
    public function number(): int
    {
        return match ($this) {
            self::Phone => 1,
            self::Tablet => 2,
            self::Desktop => 3,
        };
    }

    /** @return self|null `null` where nobody saw it */
    public static function numbered(int $number): ?self
    {
        return match ($number) {
            1 => self::Phone,
            2 => self::Tablet,
            3 => self::Desktop,
            default => null,
        };
    }
}
