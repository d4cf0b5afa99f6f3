<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use PaperKite\Text\EmailAddress;
use PaperKite\Text\InvalidAddress;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EmailAddressTest extends TestCase
{
    #[DataProvider('addresses')]
    public function test_it_is_kept_as_written_and_compared_in_one_form(string $written, string $text, string $key): void
    {
        $address = EmailAddress::of($written);

        self::assertSame([$text, $key], [$address->text, $address->key]);
        self::assertSame($key, EmailAddress::of($key)->key);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function addresses(): iterable
    {
        yield 'plain' => ['ada@letters.example', 'ada@letters.example', 'ada@letters.example'];
        yield 'capitals' => ['Ada.N@Letters.EXAMPLE', 'Ada.N@Letters.EXAMPLE', 'ada.n@letters.example'];
        yield 'spaces around it' => [' ada@letters.example ', 'ada@letters.example', 'ada@letters.example'];
        yield 'an accent is another letter' => ['ádá@letters.example', 'ádá@letters.example', 'ádá@letters.example'];
        yield 'capitals with accents' => ['ÁDÁ@letters.example', 'ÁDÁ@letters.example', 'ádá@letters.example'];
        yield 'a host in another script' => ['ada@bücher.example', 'ada@bücher.example', 'ada@xn--bcher-kva.example'];
        yield 'the same host in ASCII' => ['ada@XN--bcher-kva.example', 'ada@XN--bcher-kva.example', 'ada@xn--bcher-kva.example'];
        yield 'sharp s is itself' => ['ada@straße.example', 'ada@straße.example', 'ada@xn--strae-oqa.example'];
        yield 'Hebrew' => ['עדה@letters.example', 'עדה@letters.example', 'עדה@letters.example'];
        yield 'a sign' => ['ada+jar@letters.example', 'ada+jar@letters.example', 'ada+jar@letters.example'];
    }

    #[DataProvider('none')]
    public function test_what_is_none_or_could_be_read_as_another_is_refused(string $text): void
    {
        $this->expectException(InvalidAddress::class);

        EmailAddress::of($text);
    }

    /** @return iterable<string, array{string}> */
    public static function none(): iterable
    {
        yield 'nothing' => [''];
        yield 'no host' => ['ada@'];
        yield 'no name' => ['@letters.example'];
        yield 'two' => ['ada@letters.example,bo@letters.example'];
        yield 'a line break' => ["ada@letters.example\nBcc: bo@letters.example"];
        yield 'a line break at the end' => ["ada@letters.example\n"];
        yield 'broken bytes' => ["ad\xff@letters.example"];
        yield 'wide letters' => ['ａda@letters.example'];
        yield 'a wide at' => ['ada＠letters.example'];
        yield 'a wide host' => ['ada@ｌetters.example'];
        yield 'a letter and its accent apart' => ["a\u{301}da@letters.example"];
        yield 'a letter that nobody sees' => ["a\u{200B}da@letters.example"];
        yield 'a soft hyphen in the host' => ["ada@let\u{AD}ters.example"];
        yield 'a ligature' => ['ﬁnn@letters.example'];
        yield 'a Kelvin sign' => ["\u{212A}ai@letters.example"];
        yield 'a byte too many' => [str_repeat('a', 60).'@'.str_repeat('b', 60).'.'.str_repeat('c', 60).'.'.str_repeat('d', 60).'.example12345678'];
    }
}
