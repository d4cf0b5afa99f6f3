<?php

declare(strict_types=1);

namespace Tests\Core\People;

use PaperKite\People\InvalidPassword;
use PaperKite\People\Password;
use PaperKite\People\SetUpWord;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Engine\Secure;
use Random\Randomizer;

final class PasswordTest extends TestCase
{
    #[DataProvider('taken')]
    public function test_length_is_what_counts(string $text): void
    {
        self::assertSame($text, Password::of($text)->text);
    }

    /** @return iterable<array{string}> */
    public static function taken(): iterable
    {
        yield ['twelve chars'];
        yield ['пароль из слов'];
        yield ['  with spaces  '];
        yield [str_repeat('abcde', 40)];
    }

    #[DataProvider('refused')]
    public function test_the_rest_is_refused_with_what_to_do(string $text, string $sentence): void
    {
        $this->expectException(InvalidPassword::class);
        $this->expectExceptionMessage($sentence);
        Password::of($text);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'nothing' => ['', 'too short'];
        yield 'eleven' => ['elevenchars', 'at least 12 characters'];
        yield 'eleven letters of two bytes' => [str_repeat('é', 5).'абвгде', 'too short'];
        yield 'too long' => [str_repeat('abcde', 41), 'at most 200 characters'];
        yield 'a few characters again and again' => ['abababababababab', 'at least five different'];
        yield 'no text' => ["\xff".str_repeat('abcde', 4), 'can’t be read'];
        yield 'a null byte' => ["abcdefghijkl\0", 'can’t be read'];
    }

    public function test_a_set_up_word_is_read_as_it_is_copied(): void
    {
        for ($seed = 0; $seed < 200; $seed++) {
            $word = SetUpWord::random(new Randomizer(new Mt19937($seed)));
            self::assertMatchesRegularExpression('/\A(?:[0-9a-hjkmnp-tv-z]{4}-){3}[0-9a-hjkmnp-tv-z]{4}\z/', $word->shown());
            foreach ([$word->shown(), strtoupper($word->shown()), str_replace('-', ' ', $word->shown()), strtr(strtoupper($word->shown()), ['0' => 'O', '1' => 'I'])] as $copied) {
                self::assertSame($word->digest(), SetUpWord::read($copied)?->digest());
            }
        }
        foreach (['', 'uuuu-uuuu-uuuu-uuuu', '0000-0000-0000-000', '0000-0000-0000-00000', "0000-0000-0000-0000\n", 'é000-0000-0000-0000'] as $wrong) {
            self::assertNull(SetUpWord::read($wrong), $wrong);
        }
        self::assertNotSame(SetUpWord::random(new Randomizer(new Secure))->digest(), SetUpWord::random(new Randomizer(new Secure))->digest());
    }
}
