<?php

declare(strict_types=1);

namespace Tests\Core\Words;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Time\Day;
use PaperKite\Words\Country;
use PaperKite\Words\KeptWords;
use PaperKite\Words\Language;
use PaperKite\Words\Phrase;
use PaperKite\Words\Said;
use PaperKite\Words\Wording;
use PHPUnit\Framework\TestCase;

/** What is said to shoppers, apart from the language in which it is. */
final class SaidTest extends TestCase
{
    use TestTrait;

    public function test_a_phrase_is_said_with_what_stands_in_it(): void
    {
        $euro = Money::ofMinor(590, Currency::of('EUR'));
        $rule = Said::of(Phrase::TheseShipFor, these: Said::of(Phrase::ParcelsFrom, from: Said::of(Phrase::Grams, count: 5_000)), fee: $euro);

        self::assertSame('Parcels of 5,000 g or more ship for €5.90; the fee on the item does not count.', Said::of(Phrase::RuleInsteadOfItems, rule: $rule)->in(Wording::english()));
        self::assertSame('This shop does not ship to Germany; choose another country.', Said::of(Phrase::DoesNotShipTo, country: new Country('DE'))->in(Wording::english()));
        self::assertSame('€5.90 follows on 2026-05-31.', Said::of(Phrase::FollowsOn, amount: $euro, day: Day::orMonthsLast(2026, 5, 31))->in(Wording::english()));
        self::assertSame('The choices add €5.90; free for a day, then €5.90.', Said::sentence([Said::of(Phrase::ChoicesAdd, amount: $euro), Said::of(Phrase::FreeForADay, price: $euro)])->in(Wording::english()));
    }

    public function test_what_stands_in_a_phrase_is_never_read_as_a_mark(): void
    {
        $said = Said::of(Phrase::CouponCountsFrom, code: '{amount} {code}', amount: Money::ofMinor(100, Currency::of('EUR')));

        self::assertSame('Coupon “{amount} {code}” counts from €1.00 of the goods it is for; add a little more.', $said->in(Wording::english()));
    }

    public function test_a_shops_own_words_take_the_place_of_the_phrase(): void
    {
        $said = Said::of(Phrase::GoodsShipFree, amount: Money::ofMinor(6_000, Currency::of('EUR')));

        self::assertSame('We pay the postman from {zone} €60.00', $said->in(new Wording(Language::English, [Phrase::GoodsShipFree->value => 'We pay the postman from {zone} {amount}'])));
    }

    public function test_every_phrase_has_words_in_every_language(): void
    {
        foreach (Language::cases() as $language) {
            foreach (Phrase::cases() as $phrase) {
                self::assertSame($phrase === Phrase::Sentence, $language->text($phrase->value) === '', "{$phrase->value} in {$language->value}");
            }
        }
    }

    public function test_what_is_kept_is_read_as_it_was_said(): void
    {
        $this->forAll(
            Generators::elements(...Phrase::cases()),
            Generators::tuple(Generators::elements('EUR', 'JPY', 'KWD'), Generators::choose(-9_999, 9_999_999), Generators::elements('honey', 'דבש 🍯', '{"say":"kept"}', '')),
            Generators::choose(0, 4),
        )->then(function (Phrase $phrase, array $drawn, int $depth): void {
            /** @var array{string, int, string} $drawn */
            [$currency, $minor, $text] = $drawn;
            $said = Said::of(Phrase::FollowsOn, amount: Money::ofMinor($minor, Currency::of($currency)), day: Day::orMonthsLast(2026, abs($minor) % 12 + 1, 31), count: $minor, text: $text, country: new Country('IE'));
            for ($i = 0; $i < $depth; $i++) {
                $said = $phrase === Phrase::Sentence ? Said::sentence([$said, $said]) : Said::of($phrase, inner: $said, text: $text);
            }
            $kept = json_encode($said, JSON_THROW_ON_ERROR);

            self::assertEquals($said, KeptWords::read(json_decode($kept, true)));
        });
    }

    public function test_what_can_not_be_read_is_nothing_and_an_old_sentence_stays(): void
    {
        self::assertSame([null, null, null, null], array_map(KeptWords::read(...), [null, '', ['say' => 'of a later release'], ['with' => []]]));
        self::assertSame('Ships free.', KeptWords::read('Ships free.')?->in(Wording::english()));
    }
}
