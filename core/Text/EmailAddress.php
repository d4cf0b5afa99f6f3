<?php

declare(strict_types=1);

namespace PaperKite\Text;

use Normalizer;

/**
 * An e-mail address: as it was written, which mail goes to, and as it is compared, byte by byte.
 *
 * Two addresses that look alike are two addresses. What compatibility normalisation would change, such as full-width
 * letters, is refused rather than read as something else.
 *
 * @see https://www.rfc-editor.org/rfc/rfc6531 letters outside ASCII
 * @see https://www.unicode.org/reports/tr46/ the host, in its one ASCII form
 */
final readonly class EmailAddress
{
    /** In bytes; RFC 5321, 4.5.3.1.3: a path holds 256 octets, two of which are its angle brackets. */
    public const LONGEST = 254;

    private function __construct(
        public string $text,
        /** In lower case, the host in ASCII. */
        public string $key,
    ) {}

    /** @throws InvalidAddress */
    public static function of(string $text): self
    {
        $text = trim($text, ' ');
        if (! mb_check_encoding($text, 'UTF-8') || strlen($text) > self::LONGEST) {
            throw InvalidAddress::notOne();
        }
        // Letters that nobody sees are none either: the host's would be passed over.
        if (Normalizer::normalize($text, Normalizer::FORM_KC) !== $text || preg_match('/[\p{Cf}\p{Z}]/u', $text) === 1) {
            throw InvalidAddress::lookalikes();
        }
        $at = strrpos($text, '@');
        $host = $at === false ? false : idn_to_ascii(mb_strtolower(substr($text, $at + 1)), IDNA_USE_STD3_RULES | IDNA_NONTRANSITIONAL_TO_ASCII, INTL_IDNA_VARIANT_UTS46);
        $key = is_string($host) ? mb_strtolower(substr($text, 0, (int) $at)).'@'.strtolower($host) : '';
        if (strlen($key) > self::LONGEST || filter_var($key, FILTER_VALIDATE_EMAIL, FILTER_FLAG_EMAIL_UNICODE) === false) {
            throw InvalidAddress::notOne();
        }

        return new self($text, $key);
    }

    /** Of an address that was kept before it was read like this: itself in lower case, where it is none. */
    public static function keyOf(string $text): string
    {
        try {
            return self::of($text)->key;
        } catch (InvalidAddress) {
            return mb_strtolower(mb_scrub($text, 'UTF-8'));
        }
    }
}
