<?php

declare(strict_types=1);

namespace Tests\Core\Shopfront;

use PaperKite\Checkout\CheckoutSlug;
use PaperKite\Checkout\InvalidSlug;
use PaperKite\Offer\Onwards;
use PaperKite\Shopfront\AfterAdding;
use PaperKite\Shopfront\ButtonSet;
use PaperKite\Shopfront\ProductButtons;
use PaperKite\Shopfront\ShopfrontEntry;
use PaperKite\Shopfront\ShopfrontRules;
use PaperKite\Shopfront\Surface;
use PaperKite\Text\FormInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which buttons stand in the shop's own pages, and what its addresses may be. */
final class ShopfrontTest extends TestCase
{
    public function test_nothing_said_is_as_built_in(): void
    {
        $rules = new ShopfrontRules;

        self::assertSame([ButtonSet::Cart, ButtonSet::CartThenBuy, ButtonSet::CartThenBuy], array_map($rules->buttons(...), Surface::cases()));
        self::assertNull($rules->caption(Surface::List, Onwards::Cart));
    }

    public function test_buttons_stand_in_the_order_of_their_name(): void
    {
        self::assertSame([Onwards::Pay, Onwards::Cart], ButtonSet::BuyThenCart->destinations());
        self::assertSame([], ButtonSet::None->destinations());
        self::assertSame([true, false, false], array_map(ButtonSet::None->isPossibleAt(...), Surface::cases()));
    }

    public function test_a_form_is_read(): void
    {
        $entry = self::read(['buttons' => ['list' => 'none', 'product' => 'none', 'glance' => 'buy_cart'], 'captions' => ['list_cart' => ' In the basket ', 'glance_pay' => 'Mine'], 'words' => ['sold_out' => 'All eaten'], 'after_adding' => 'stay', 'has_notice' => true, 'notice_leads' => 'stay']);

        self::assertSame([], $entry->errors);
        self::assertSame([ButtonSet::None, ButtonSet::CartThenBuy, ButtonSet::BuyThenCart], array_map($entry->rules->buttons(...), Surface::cases()));
        self::assertSame(['In the basket', 'Mine', null], [$entry->rules->caption(Surface::List, Onwards::Cart), $entry->rules->caption(Surface::Glance, Onwards::Pay), $entry->rules->caption(Surface::Glance, Onwards::Cart)]);
        self::assertSame([AfterAdding::Stay, true, AfterAdding::Cart], [$entry->rules->afterAdding, $entry->rules->hasNotice, $entry->rules->noticeLeads]);
        self::assertSame(['sold_out' => 'All eaten'], $entry->words->states->all());
    }

    /** @param  array<string, mixed>  $typed */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_told_at_its_field(array $typed, string $field, string $part): void
    {
        $errors = self::read($typed)->errors;

        self::assertSame([$field], array_keys($errors));
        self::assertStringContainsString($part, $errors[$field]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'no address to go to' => [['after_adding' => 'address'], 'address', 'is missing'];
        yield 'an address elsewhere' => [['notice_leads' => 'address', 'address' => 'https://crow.example/'], 'address', 'crow.example'];
        yield 'words that are too long' => [['words' => ['added' => str_repeat('x', 41)]], 'words.added', 'shorten it'];
        yield 'a caption of two lines' => [['captions' => ['list_pay' => "a\nb"]], 'captions.list_pay', 'control character'];
    }

    public function test_a_product_says_what_differs_and_nothing_else(): void
    {
        $read = ProductButtons::read(FormInput::of(['list' => 'none', 'product' => 'none', 'glance' => '', 'list_cart' => ' Into the basket ', 'glance_pay' => '']));

        self::assertSame([[], ['list' => 'none', 'list_cart' => 'Into the basket']], [$read->errors, $read->said]);
        self::assertSame(['list' => 'none', 'list_cart' => 'Into the basket'], $read->said);
        self::assertStringContainsString('shorten it', ProductButtons::read(FormInput::of(['buttons' => ['list_pay' => str_repeat('x', 41)]])->part('buttons'))->errors['buttons.list_pay']);
    }

    #[DataProvider('slugs')]
    public function test_a_checkout_is_named_by_what_can_stand_in_an_address(string $typed, ?string $slug): void
    {
        try {
            self::assertSame($slug, CheckoutSlug::of($typed)->text);
        } catch (InvalidSlug) {
            self::assertNull($slug);
        }
    }

    /** @return iterable<array{string, string|null}> */
    public static function slugs(): iterable
    {
        yield from [['kasse', 'kasse'], [' Pay-Here ', 'pay-here'], ['checkout', 'checkout'], ['x', null], ['cart', null], ['a--b', null], ['-a', null], ["ab\n", null], ['käse', null], [str_repeat('a', 41), null]];
    }

    /** @param  array<string, mixed>  $typed */
    private static function read(array $typed): ShopfrontEntry
    {
        return ShopfrontEntry::read(FormInput::of($typed), static fn (string $address): bool => str_starts_with($address, 'https://fern.example/'));
    }
}
