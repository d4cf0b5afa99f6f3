<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use DateTimeZone;
use PaperKite\Checkout\CheckoutField;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Checkout\CouponPlace;
use PaperKite\Checkout\Demand;
use PaperKite\Checkout\RulesEntry;
use PaperKite\Money\Currency;
use PaperKite\Quote\CouponKind;
use PaperKite\Quote\Entry\CouponEntry;
use PaperKite\Text\FormInput;
use PaperKite\Text\InvalidLine;
use PaperKite\Text\Passage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The forms of coupons and of the checkout's rules, from ones that are right with one thing changed each time. */
final class EntriesTest extends TestCase
{
    private const COUPON = ['code' => 'BLOSSOM', 'kind' => 'percent', 'value' => '15', 'min_spend' => '20.00', 'skus' => ['honey', 'wrap'], 'from' => '2026-05-01T00:00', 'until' => '2026-06-01T00:00', 'most_uses' => '50', 'most_uses_each' => '1'];

    private const RULES = ['company' => 'off', 'postcode' => 'required', 'phone' => 'optional', 'comment' => 'off', 'coupon_place' => 'cart', 'hosts' => ['www.fern.example', 'FERN.example.'], 'after_paying' => 'https://fern.example/thanks?from=kite#top', 'after_cancelling' => ''];

    public function test_a_coupon_is_read_whole(): void
    {
        $entry = $this->coupon([]);

        self::assertSame(['BLOSSOM', CouponKind::Percent, '15', '20.00', ['honey', 'wrap']], [$entry->coupon?->code, $entry->coupon?->kind, $entry->coupon?->percent?->text, $entry->coupon?->minSpend?->decimal(), $entry->coupon?->skus]);
        self::assertSame([50, 1, '2026-04-30 23:00'], [$entry->mostUses, $entry->mostUsesEach, gmdate('Y-m-d H:i', $entry->coupon->from->seconds ?? 0)]);
    }

    public function test_what_a_coupon_leaves_blank_is_without_limit(): void
    {
        $entry = $this->coupon(['kind' => 'free_shipping', 'value' => '', 'min_spend' => '', 'skus' => [], 'from' => '', 'until' => '', 'most_uses' => '', 'most_uses_each' => '']);

        self::assertSame([[], null, null, null, null, null], [$entry->errors, $entry->coupon?->minSpend, $entry->coupon?->skus, $entry->coupon?->from, $entry->mostUses, $entry->mostUsesEach]);
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('wrongCoupons')]
    public function test_what_is_wrong_with_a_coupon_is_told_at_its_field(array $with, string $field, string $sentence): void
    {
        $entry = $this->coupon($with);

        self::assertSame([$field], array_keys($entry->errors));
        self::assertStringContainsString($sentence, $entry->errors[$field]);
        self::assertNull($entry->coupon);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrongCoupons(): iterable
    {
        yield 'no code' => [['code' => ''], 'code', 'missing'];
        yield 'a long code' => [['code' => str_repeat('X', 41)], 'code', 'shorten it to 40'];
        yield 'no percentage' => [['value' => ''], 'value', 'The percentage is missing.'];
        yield 'too much' => [['value' => '101'], 'value', 'more than 100'];
        yield 'no amount' => [['kind' => 'amount', 'value' => ''], 'value', 'The amount is missing.'];
        yield 'three decimals' => [['kind' => 'amount', 'value' => '1.001'], 'value', 'more decimals'];
        yield 'a least sum in words' => [['min_spend' => 'much'], 'min_spend', 'not an amount'];
        yield 'an end before its beginning' => [['until' => '2026-05-01T00:00'], 'until', 'before it begins'];
        yield 'a day that does not exist' => [['from' => '2026-04-31T00:00'], 'from', 'does not exist'];
        yield 'no uses at all' => [['most_uses' => '0'], 'most_uses', 'from 1 to'];
        yield 'half a use' => [['most_uses_each' => '0.5'], 'most_uses_each', 'from 1 to'];
    }

    public function test_the_rules_of_a_checkout_are_read_whole(): void
    {
        $rules = RulesEntry::read(FormInput::of(self::RULES), '<p>Fair.</p>', '')->rules ?? self::fail('They were refused.');

        self::assertSame([Demand::Off, Demand::Required, Demand::Optional, Demand::Required], array_map($rules->demand(...), [CheckoutField::Company, CheckoutField::Postcode, CheckoutField::Phone, CheckoutField::Town]));
        self::assertSame([CouponPlace::Cart, ['www.fern.example', 'fern.example'], 'https://fern.example/thanks?from=kite#top', null], [$rules->couponPlace, $rules->hosts, $rules->afterPaying, $rules->afterCancelling]);
        self::assertSame([true, false], [$rules->demand(CheckoutField::Phone) !== Demand::Off, $rules->demand(CheckoutField::Comment) !== Demand::Off]);
    }

    public function test_what_an_order_needs_can_not_be_lost(): void
    {
        $rules = RulesEntry::read(FormInput::of(array_fill_keys(array_map(static fn (CheckoutField $field): string => $field->value, CheckoutField::cases()), 'off')), '', '')->rules ?? self::fail('They were refused.');
        $lost = array_filter(CheckoutField::cases(), static fn (CheckoutField $field): bool => $rules->demand($field) === Demand::Off);

        self::assertSame([CheckoutField::Company, CheckoutField::Phone, CheckoutField::Comment], array_values($lost));
        self::assertSame([], array_filter(CheckoutField::cases(), static fn (CheckoutField $field): bool => count($field->allowed()) === 1 && $field->lockedBecause() === null));
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('wrongRules')]
    public function test_what_is_wrong_with_a_checkouts_rules_is_told_at_its_field(array $with, string $field, string $sentence): void
    {
        $entry = RulesEntry::read(FormInput::of($with + self::RULES), '', '');

        self::assertSame([$field], array_keys($entry->errors));
        self::assertStringContainsString($sentence, $entry->errors[$field]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrongRules(): iterable
    {
        yield 'a host that is not listed' => [['after_paying' => 'https://evil.example/'], 'after_paying', '“evil.example” is not among the hosts'];
        yield 'a listed host as somebody’s name' => [['after_paying' => 'https://fern.example@evil.example/'], 'after_paying', 'not a whole address'];
        yield 'a listed host in a longer one' => [['after_paying' => 'https://fern.example.evil.example/'], 'after_paying', 'is not among the hosts'];
        yield 'a script' => [['after_cancelling' => 'javascript:alert(1)'], 'after_cancelling', 'not a whole address'];
        yield 'a path alone' => [['after_cancelling' => '/thanks'], 'after_cancelling', 'not a whole address'];
        yield 'a line break' => [['after_cancelling' => "https://fern.example/\r\nx"], 'after_cancelling', 'not a whole address'];
        yield 'a backslash' => [['after_cancelling' => 'https://evil.example\\@fern.example/'], 'after_cancelling', 'not a whole address'];
        yield 'a host with a scheme' => [['hosts' => ['https://fern.example', 'fern.example']], 'hosts', 'without https'];
        yield 'a host with a port' => [['hosts' => ['fern.example:81', 'fern.example']], 'hosts', 'not the name of a host'];
        yield 'a host that begins with a hyphen' => [['hosts' => ['-fern.example', 'fern.example']], 'hosts', 'not the name of a host'];
    }

    public function test_built_in_rules_ask_for_what_a_parcel_needs(): void
    {
        self::assertSame(['email', 'name', 'street', 'postcode', 'town', 'country'], array_map(static fn (CheckoutField $field): string => $field->value, array_values(array_filter(CheckoutField::cases(), static fn (CheckoutField $field): bool => (new CheckoutRules)->demand($field) !== Demand::Off))));
    }

    #[DataProvider('passages')]
    public function test_a_passage_keeps_its_lines_and_nothing_that_is_not_text(string $typed, ?string $kept): void
    {
        if ($kept === null) {
            $this->expectException(InvalidLine::class);
        }

        self::assertSame($kept, Passage::of($typed, 'The comment', 40)->text);
    }

    /** @return iterable<string, array{string, string|null}> */
    public static function passages(): iterable
    {
        yield 'lines of every kind' => ["one\r\ntwo\rthree\n", "one\ntwo\nthree"];
        yield 'a tab' => ["one\ttwo", 'one two'];
        yield 'right to left' => ["דבש\n🍯", "דבש\n🍯"];
        yield 'a control character' => ["a\u{0007}b", null];
        yield 'nothing to be read' => [" \n\u{200D}\n", null];
        yield 'too long' => [str_repeat('x', 41), null];
        yield 'no text' => ["\xFF", null];
    }

    /** @param  array<string, mixed>  $with */
    private function coupon(array $with): CouponEntry
    {
        return CouponEntry::read(FormInput::of($with + self::COUPON), Currency::of('EUR'), new DateTimeZone('Europe/Dublin'));
    }
}
