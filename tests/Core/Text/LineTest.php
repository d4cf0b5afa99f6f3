<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use PaperKite\Text\InvalidLine;
use PaperKite\Text\Line;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LineTest extends TestCase
{
    #[DataProvider('kept')]
    public function test_a_line_is_kept_to_the_byte(string $text): void
    {
        self::assertSame($text, Line::of($text, 'The name', 40)->text);
    }

    /** @return iterable<string, array{string}> */
    public static function kept(): iterable
    {
        yield 'an emoji of several code points' => ['👩‍🌾🏽 honey'];
        yield 'right to left, with its marks' => ["\u{200F}עסל\u{200F} דבש"];
        yield 'script' => ['<script>alert(1)</script>'];
        yield 'a no-break space at the end' => ["honey\u{00A0}"];
    }

    public function test_spaces_at_the_ends_go(): void
    {
        self::assertSame('honey', Line::of('  honey ', 'The name', 40)->text);
    }

    #[DataProvider('refused')]
    public function test_a_wrong_line_is_refused_with_its_reason(string $text, string $sentence): void
    {
        $this->expectException(InvalidLine::class);
        $this->expectExceptionMessage($sentence);

        Line::of($text, 'The name', 10);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'blank' => ['   ', 'The name is missing.'];
        yield 'nothing that can be seen' => ["\u{200D}\u{200B}", 'The name is missing.'];
        yield 'a line break' => ["a\nb", 'control character'];
        yield 'a trailing line break' => ["a\n", 'control character'];
        yield 'a null byte' => ["a\0b", 'control character'];
        yield 'a line separator' => ["a\u{2028}b", 'control character'];
        yield 'broken UTF-8' => ["a\xc3", 'not text (UTF-8)'];
        yield 'too long' => [str_repeat('é', 11), 'The name has 11 characters; shorten it to 10.'];
    }
}
