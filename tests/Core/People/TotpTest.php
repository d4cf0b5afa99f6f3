<?php

declare(strict_types=1);

namespace Tests\Core\People;

use PaperKite\People\RecoveryCode;
use PaperKite\People\Totp;
use PaperKite\People\TotpSecret;
use PaperKite\Time\Moment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class TotpTest extends TestCase
{
    private const SECRET = '12345678901234567890';

    /** @return iterable<array{int, string}> RFC 6238, appendix B, for SHA-1 */
    public static function vectors(): iterable
    {
        yield [59, '94287082'];
        yield [1_111_111_109, '07081804'];
        yield [1_111_111_111, '14050471'];
        yield [1_234_567_890, '89005924'];
        yield [2_000_000_000, '69279037'];
        yield [20_000_000_000, '65353130'];
    }

    #[DataProvider('vectors')]
    public function test_codes_are_those_of_the_standard(int $seconds, string $code): void
    {
        $at = Moment::ofSeconds($seconds);

        self::assertSame($code, self::totp()->code(Totp::stepAt($at), 8));
        self::assertSame(Totp::stepAt($at), self::totp()->step(substr($code, 2), $at, null));
    }

    /** @return iterable<array{int, string}> RFC 4226, appendix D */
    public static function counts(): iterable
    {
        foreach (['755224', '287082', '359152', '969429', '338314', '254676', '287922', '162583', '399871', '520489'] as $count => $code) {
            yield [$count, $code];
        }
    }

    #[DataProvider('counts')]
    public function test_codes_are_those_that_are_counted(int $count, string $code): void
    {
        self::assertSame($code, self::totp()->code($count));
    }

    public function test_a_code_counts_one_step_either_side_and_never_again(): void
    {
        $at = Moment::ofSeconds(1_800_000_000);
        $now = Totp::stepAt($at);
        $found = static fn (int $off, ?int $used = null): ?int => self::totp()->step(self::totp()->code($now + $off), $at, $used);

        self::assertSame([null, $now - 1, $now, $now + 1, null], [$found(-2), $found(-1), $found(0), $found(1), $found(2)]);
        self::assertSame([null, null, $now + 1], [$found(-1, $now), $found(0, $now), $found(1, $now)]);
    }

    public function test_what_is_typed_may_have_a_space_and_nothing_else(): void
    {
        $at = Moment::ofSeconds(1_800_000_000);
        $code = self::totp()->code(Totp::stepAt($at));

        self::assertNotNull(self::totp()->step(substr($code, 0, 3).' '.substr($code, 3), $at, null));
        foreach (['', '0', substr($code, 1), "{$code}0", "{$code}\n", '٠١٢٣٤٥'] as $typed) {
            self::assertNull(self::totp()->step($typed, $at, null), $typed);
        }
    }

    public function test_a_secret_is_written_as_apps_read_it(): void
    {
        $secret = TotpSecret::ofBytes(self::SECRET);

        self::assertSame('GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ', $secret->base32());
        self::assertSame('otpauth://totp/Paper%20Kite:ada%40letters.example?secret=GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ&issuer=Paper%20Kite&algorithm=SHA1&digits=6&period=30', $secret->address('ada@letters.example'));
        self::assertSame(20, strlen(TotpSecret::random(new Randomizer(new Mt19937(7)))->bytes));
        self::assertSame('MZXW6YTBOI', TotpSecret::ofBytes('foobar')->base32());
    }

    public function test_a_recovery_code_is_read_as_people_copy_it_and_counts_for_one_person(): void
    {
        $code = RecoveryCode::random(new Randomizer(new Mt19937(7)));

        self::assertMatchesRegularExpression('/\A[0-9a-z]{4}-[0-9a-z]{4}-[0-9a-z]{4}\z/', $code->shown());
        self::assertSame($code->digest(1, 'key'), RecoveryCode::read(' '.strtoupper(str_replace(['0', '1'], ['O', 'l'], $code->shown())))?->digest(1, 'key'));
        self::assertNotSame($code->digest(1, 'key'), $code->digest(2, 'key'));
        self::assertNotSame($code->digest(1, 'key'), $code->digest(1, 'another'));
        self::assertSame([null, null, null], [RecoveryCode::read(''), RecoveryCode::read('123456'), RecoveryCode::read($code->shown().'0')]);
    }

    private static function totp(): Totp
    {
        return new Totp(TotpSecret::ofBytes(self::SECRET));
    }
}
