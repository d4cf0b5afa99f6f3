<?php

declare(strict_types=1);

namespace Tests\Core\GiftCard;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\GiftCard\CardCode;
use PaperKite\GiftCard\Repayment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class CardCodeTest extends TestCase
{
    use TestTrait;

    private const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

    public function test_it_is_read_however_people_write_it(): void
    {
        $code = self::code(7);
        $text = $code->text;
        foreach ([$text, strtolower($text), $code->shown(), ' '.implode(' ', str_split($text, 2))."\u{00A0}", str_replace('-', '–', $code->shown()), strtr($text, ['0' => 'O', '1' => 'l'])] as $written) {
            self::assertSame($text, CardCode::read($written)?->text, $written);
        }
        self::assertMatchesRegularExpression('/\A(?:[0-9A-HJKMNP-TV-Z]{4}-){3}[0-9A-HJKMNP-TV-Z]{4}\z/', $code->shown());
        self::assertSame(substr($text, -4), $code->tail());
    }

    #[DataProvider('noCodes')]
    public function test_what_is_no_code_is_none(string $typed): void
    {
        self::assertNull(CardCode::read($typed));
    }

    /** @return iterable<string, array{string}> */
    public static function noCodes(): iterable
    {
        $text = self::code(7)->text;
        yield 'nothing' => [''];
        yield 'one too few' => [substr($text, 1)];
        yield 'one too many' => ["{$text}0"];
        yield 'a letter that is not used' => ['U'.substr($text, 1)];
        yield 'another script' => [str_repeat('٧', 16)];
        yield 'broken' => ["\xFF".substr($text, 1)];
        yield 'a byte of nothing' => [substr($text, 0, 8)."\0".substr($text, 8)];
    }

    public function test_each_wrong_character_and_any_two_that_changed_places_are_noticed(): void
    {
        $this->forAll(Generators::choose(0, 1_000_000), Generators::choose(0, 15), Generators::choose(0, 15), Generators::elements(str_split(self::ALPHABET)))
            ->then(static function (int $seed, int $at, int $other, string $character): void {
                $text = self::code($seed)->text;
                $wrong = substr_replace($text, $character, $at, 1);
                self::assertSame($wrong === $text, CardCode::read($wrong) !== null);
                $swapped = $text;
                [$swapped[$at], $swapped[$other]] = [$text[$other], $text[$at]];
                self::assertSame($swapped === $text, CardCode::read($swapped) !== null);
            });
    }

    public function test_codes_do_not_repeat(): void
    {
        self::assertCount(2_000, array_unique(array_map(static fn (int $i): string => CardCode::random(new Randomizer)->text, range(1, 2_000))));
    }

    public function test_money_comes_back_to_the_card_that_was_used_last_first(): void
    {
        self::assertSame([9 => 300, 4 => 200], Repayment::shares([4 => 500, 9 => 300], 500));
        self::assertSame([9 => 1], Repayment::shares([4 => 500, 9 => 300], 1));
        self::assertSame([9 => 300, 4 => 500], Repayment::shares([4 => 500, 9 => 300], 800));
        self::assertSame([4 => 10], Repayment::shares([4 => 500, 9 => 0], 10));
        self::assertSame([], Repayment::shares([], 10));
    }

    private static function code(int $seed): CardCode
    {
        return CardCode::random(new Randomizer(new Mt19937($seed)));
    }
}
