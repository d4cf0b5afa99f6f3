<?php

declare(strict_types=1);

namespace PaperKite\Order;

use PaperKite\Text\Line;

/** Who carries a parcel, and where it can be followed; both may be left blank. */
final readonly class Parcel
{
    private const LONGEST_CARRIER = 60;

    /** In bytes. */
    private const LONGEST_ADDRESS = 500;

    private function __construct(
        public string $carrier,
        /** An address that begins with https, or blank. */
        public string $tracking,
    ) {}

    public static function unknown(): self
    {
        return new self('', '');
    }

    /** @throws InvalidTracking|\PaperKite\Text\InvalidName */
    public static function read(string $carrier, string $tracking): self
    {
        $carrier = trim($carrier, ' ');

        return new self($carrier === '' ? '' : Line::of($carrier, 'The name of the carrier', self::LONGEST_CARRIER)->text, self::address(trim($tracking)));
    }

    /**
     * Only a whole https address of a host: a shopper will follow it from a mail.
     *
     * @throws InvalidTracking
     */
    private static function address(string $text): string
    {
        if ($text === '') {
            return '';
        }
        $parts = preg_match('#\Ahttps://[\x21\x23-\x3b\x3d\x3f-\x5b\x5d\x5f\x61-\x7a\x7e]+\z#', $text) === 1 ? parse_url($text) : false;

        return match (true) {
            strlen($text) > self::LONGEST_ADDRESS => throw InvalidTracking::tooLong(self::LONGEST_ADDRESS),
            ! is_array($parts), ! isset($parts['host']), isset($parts['user']), ! str_contains($parts['host'] ?? '', '.') => throw InvalidTracking::notAnAddress(),
            default => $text,
        };
    }
}
