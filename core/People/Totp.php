<?php

declare(strict_types=1);

namespace PaperKite\People;

use PaperKite\Time\Moment;

/**
 * Codes that change every 30 seconds, worked out from a secret that a person's app holds too.
 *
 * @link https://www.rfc-editor.org/rfc/rfc6238
 */
final readonly class Totp
{
    private const STEP_SECONDS = 30;

    /** How far clocks may be apart, in steps. */
    private const TOLERANCE = 1;

    public const DIGITS = 6;

    public function __construct(private TotpSecret $secret) {}

    public static function stepAt(Moment $at): int
    {
        return intdiv($at->seconds, self::STEP_SECONDS);
    }

    /** The code of a step: HOTP of RFC 4226, 5.3, with SHA-1. */
    public function code(int $step, int $digits = self::DIGITS): string
    {
        $digest = hash_hmac('sha1', pack('J', $step), $this->secret->bytes, true);
        $offset = ord($digest[-1]) & 0x0F;
        $parts = unpack('N', substr($digest, $offset, 4));
        $number = is_array($parts) && is_int($parts[1] ?? null) ? $parts[1] & 0x7FFFFFFF : 0;

        return str_pad((string) ($number % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    /**
     * Which step a typed code is of; one that was used, or is older than one that was, is none.
     *
     * @param  int|null  $lastUsed  the step of the last code that was taken
     */
    public function step(string $typed, Moment $at, ?int $lastUsed): ?int
    {
        $code = str_replace(' ', '', $typed);
        $now = self::stepAt($at);
        $found = null;
        // All are compared, so that the time it takes says nothing.
        for ($step = $now - self::TOLERANCE; $step <= $now + self::TOLERANCE; $step++) {
            if (hash_equals($this->code($step), $code) && ($lastUsed === null || $step > $lastUsed)) {
                $found = $step;
            }
        }

        return $found;
    }
}
