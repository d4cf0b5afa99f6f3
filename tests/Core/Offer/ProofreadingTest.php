<?php

declare(strict_types=1);

namespace Tests\Core\Offer;

use DateTimeZone;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\Product;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\Sale;
use PaperKite\Catalogue\Sku;
use PaperKite\Catalogue\Stock;
use PaperKite\Money\Currency;
use PaperKite\Money\Percentage;
use PaperKite\Offer\Draft;
use PaperKite\Offer\DraftAsk;
use PaperKite\Offer\DraftItem;
use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\Place;
use PaperKite\Offer\Proofreading;
use PaperKite\Offer\Severity;
use PaperKite\Offer\Slot;
use PaperKite\Quote\ShippingBand;
use PaperKite\Quote\ShippingMeasure;
use PaperKite\Quote\ShippingTable;
use PaperKite\Quote\ShippingZone;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;
use PaperKite\Time\Moment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

final class ProofreadingTest extends TestCase
{
    public function test_a_sound_draft_has_no_findings(): void
    {
        self::assertSame([], Samples::proof()->findings());
        self::assertSame([], Samples::proof(Samples::draft(items: [], destination: Onwards::Cart))->findings());
    }

    #[DataProvider('doubtful')]
    public function test_what_is_wrong_is_found_at_its_slot(Draft $draft, Severity $severity, ?Slot $slot, ?int $item, string $part): void
    {
        $findings = Samples::proof($draft)->findings();

        self::assertCount(1, $findings, implode("\n", array_map(static fn (Finding $finding): string => $finding->sentence, $findings)));
        self::assertSame([$severity, $slot, $item], [$findings[0]->severity, $findings[0]->slot, $findings[0]->item]);
        self::assertStringContainsString($part, $findings[0]->sentence);
    }

    /** @return iterable<string, array{Draft, Severity, Slot|null, int|null, string}> */
    public static function doubtful(): iterable
    {
        $honey = new DraftItem(Samples::product(), '', '1');
        yield 'caption too long' => [Samples::draft(caption: str_repeat('x', 41)), Severity::Error, Slot::Caption, null, 'shorten it to 40'];
        yield 'caption with a tab' => [Samples::draft(caption: "a\tb"), Severity::Error, Slot::Caption, null, 'control character'];
        yield 'caption of two lines' => [Samples::draft(caption: 'Take two jars of the heather honey'), Severity::Hint, Slot::Caption, null, 'two lines'];
        yield 'caption of three lines in a narrow look' => [Samples::draft(caption: 'Take this jar home', lettersInALine: 8), Severity::Caution, Slot::Caption, null, 'takes 3 lines'];
        yield 'a look that is hard to read' => [Samples::draft(doubts: ['The words stand out too little.']), Severity::Caution, Slot::Look, null, 'stand out'];
        yield 'no quantity' => [Samples::draft(quantity: ''), Severity::Error, Slot::Quantity, 0, 'missing'];
        yield 'too many' => [Samples::draft(quantity: '1000'), Severity::Error, Slot::Quantity, 0, '1 to 999'];
        yield 'more than is left' => [Samples::draft(Samples::product(stock: Stock::of(2)), quantity: '3'), Severity::Caution, Slot::Quantity, 0, 'Only 2 are in stock'];
        yield 'sold out' => [Samples::draft(items: [$honey, new DraftItem(Samples::product(stock: Stock::of(0), sku: 'comb'), '', '1')]), Severity::Caution, Slot::Quantity, 1, 'None is in stock'];
        yield 'the last one' => [Samples::draft(Samples::product(stock: Stock::of(1)), quantity: '2'), Severity::Caution, Slot::Quantity, 0, 'Only one is in stock'];
        yield 'the named variant is gone' => [Samples::draft(items: [new DraftItem(Samples::wraps(small: Stock::of(0)), 'wrap-s', '1')]), Severity::Caution, Slot::Quantity, 0, 'None is in stock'];
        yield 'no price' => [Samples::draft(new Product(Sku::of('tea'), 'Honey of the month', ProductKind::Physical, null)), Severity::Error, Slot::Product, 0, 'has no price'];
        yield 'given away' => [Samples::draft(Samples::product(0)), Severity::Caution, Slot::Product, 0, 'costs nothing'];
        yield 'a sale that ends soon' => [Samples::draft(self::onSale('2026-04-22T00:00:00+01:00')), Severity::Caution, Slot::Product, 0, 'ends within a week'];
        yield 'a picture without words' => [Samples::draft(items: [new DraftItem(Samples::product(), '', '1', true)]), Severity::Caution, Slot::Product, 0, 'says nothing to those who can’t see it'];
        yield 'unknown product' => [Samples::draft(items: [new DraftItem(null, '', '1')]), Severity::Error, Slot::Product, 0, 'not in this shop'];
        yield 'a product that is a draft' => [Samples::draft(Samples::product(isDraft: true)), Severity::Error, Slot::Product, 0, 'is a draft and can’t be bought yet'];
        yield 'unknown variant' => [Samples::draft(items: [new DraftItem(Samples::wraps(), 'wrap-xl', '1')]), Severity::Error, Slot::Variant, 0, 'has no “wrap-xl”'];
        yield 'the same twice' => [Samples::draft(items: [$honey, $honey]), Severity::Error, Slot::Product, 1, 'is in this offer twice'];
        yield 'too many goods' => [Samples::draft(items: array_map(static fn (int $i): DraftItem => new DraftItem(Samples::product(sku: "sku-{$i}"), '', '1'), range(1, 21))), Severity::Error, Slot::Product, 20, '20 different goods'];
        yield 'a question without a choice' => [Samples::draft(ask: new DraftAsk(true, '', '3', '3')), Severity::Error, Slot::Quantity, 0, 'leaves nothing to ask'];
        yield 'a question of no number' => [Samples::draft(ask: new DraftAsk(true, '', 'x', '3')), Severity::Error, Slot::Quantity, 0, 'can\'t be “x”'];
        yield 'a question that begins outside its limits' => [Samples::draft(quantity: '9', ask: new DraftAsk(true, '', '1', '3')), Severity::Error, Slot::Quantity, 0, 'begins with 9'];
        yield 'a question about several goods' => [Samples::draft(items: [$honey, new DraftItem(Samples::product(sku: 'comb'), '', '1')], ask: new DraftAsk(true)), Severity::Error, Slot::Quantity, 0, 'of one product only'];
        yield 'nothing to stay with' => [Samples::draft(items: [], destination: Onwards::Stay), Severity::Error, Slot::Destination, null, 'to the cart or to paying'];
        yield 'a return address elsewhere' => [Samples::draft(landing: 'https://crow.example/'), Severity::Error, Slot::Landing, null, 'crow.example'];
        yield 'a mini cart where a button is pasted' => [Samples::draft(destination: Onwards::MiniCart, places: [new Place('the jar label', false), new Place('the post', true)]), Severity::Hint, Slot::Destination, null, 'At “the jar label” a click leads to the cart’s page'];
        yield 'a pop-over where buttons are pasted' => [Samples::draft(opening: Opening::PopOver, places: [new Place('the jar label', false), new Place('the post', true), new Place('a letter', false), new Place('a card', false)]), Severity::Hint, Slot::Opening, null, 'At “the jar label” and 2 other places a click opens the offer’s page'];
        yield 'two places of one name' => [Samples::draft(places: [new Place('the post', true), new Place('the footer', true), new Place('the post', true)]), Severity::Caution, null, null, 'Two places are called “the post”'];
        yield 'no payee' => [Samples::draft(hasPayee: false), Severity::Error, null, null, 'no payee'];
        yield 'no provider' => [Samples::draft(hasProvider: false), Severity::Error, null, null, 'No payment provider'];
    }

    public function test_a_country_to_which_nothing_ships_is_found(): void
    {
        $nowhere = new ShopRules(Currency::of('EUR'), new DateTimeZone('Europe/Dublin'), Samples::noTax(), null, [new ShippingZone('Far away', ['NZ'])]);
        $finding = Samples::proof(rules: $nowhere)->findings()[0];

        self::assertSame([Severity::Caution, Slot::Destination], [$finding->severity, $finding->slot]);
        self::assertStringContainsString('Nobody in Ireland', $finding->sentence);
    }

    public function test_goods_that_are_too_many_to_be_sent_at_once_are_found_for_what_they_are(): void
    {
        $table = new ShippingTable(ShippingMeasure::Quantity, [new ShippingBand(0, Samples::euros(390))], 5);
        $rules = new ShopRules(Currency::of('EUR'), new DateTimeZone('Europe/Dublin'), Samples::noTax(), null, [new ShippingZone('Home', ['IE'], null, $table)]);
        $findings = Samples::proof(Samples::draft(quantity: '6'), $rules)->findings();

        self::assertCount(1, $findings);
        self::assertSame([Severity::Caution, MendAt::Shipping], [$findings[0]->severity, $findings[0]->room]);
        self::assertStringContainsString('At most 5 pieces can be sent there at once', $findings[0]->sentence);
        self::assertSame([], Samples::proof(Samples::draft(quantity: '5'), $rules)->findings());
    }

    public function test_a_shop_that_ships_nowhere_says_so_where_it_is_mended(): void
    {
        $findings = Samples::proof(Samples::draft(), new ShopRules(Currency::of('EUR'), new DateTimeZone('Europe/Dublin'), Samples::noTax(), null, []))->findings();

        self::assertSame([[Severity::Caution, MendAt::FirstZone, 'Nobody can pay for this yet: the shop ships nowhere. Say what shipping costs at home.']], array_map(static fn (Finding $finding): array => [$finding->severity, $finding->room, $finding->sentence], $findings));
    }

    public function test_a_tax_class_without_any_rate_is_named_once_and_nothing_is_asked_of_goods_that_are_money_itself(): void
    {
        $untaxed = static fn (TaxRates $tax): ShopRules => new ShopRules(Currency::of('EUR'), new DateTimeZone('Europe/Dublin'), $tax, null, [new ShippingZone('Home', ['IE'])]);
        $draft = Samples::draft(items: [new DraftItem(Samples::product(), '', '1'), new DraftItem(Samples::product(sku: 'candle'), '', '1')]);
        $found = static fn (Draft $draft, TaxRates $tax): array => array_map(static fn (Finding $finding): array => [$finding->severity, $finding->room, $finding->what], Samples::proof($draft, $untaxed($tax))->findings());

        self::assertSame([[Severity::Hint, MendAt::FirstRate, 'standard']], $found($draft, new TaxRates(true, [])));
        self::assertSame([], $found($draft, (new TaxRates(true, []))->with('DE', 'standard', Percentage::zero())));
    }

    public function test_what_is_allowed_is_not_found(): void
    {
        foreach ([Samples::draft(landing: 'https://fern.example/thanks'), Samples::draft(self::onSale('2026-06-01T00:00:00+01:00')), Samples::draft(self::onSale('2026-04-01T00:00:00+01:00')), Samples::draft(ask: new DraftAsk(true, 'Jars', '1', '6')), Samples::draft(caption: str_repeat('x', 40), lettersInALine: null)] as $draft) {
            self::assertSame([], Samples::proof($draft)->findings());
        }
    }

    public function test_each_finding_names_the_goods_that_it_is_about(): void
    {
        $findings = Samples::proof(Samples::draft(items: [new DraftItem(null, '', '1'), new DraftItem(self::onSale('2026-04-22T00:00:00+01:00'), '', '1')]))->findings();

        self::assertSame([0, 1], array_map(static fn (Finding $finding): ?int => $finding->item, $findings));
    }

    public function test_errors_come_first(): void
    {
        $findings = Samples::proof(Samples::draft(Samples::product(0), quantity: '0', caption: str_repeat('x', 30), hasPayee: false))->findings();

        self::assertSame(
            [Severity::Error, Severity::Error, Severity::Caution, Severity::Hint],
            array_map(static fn (Finding $finding): Severity => $finding->severity, $findings),
        );
    }

    #[DataProvider('mendedElsewhere')]
    public function test_what_no_slot_can_mend_names_the_room_where_it_is_mended(Draft $draft, ?MendAt $room): void
    {
        self::assertSame($room, Samples::proof($draft)->findings()[0]->room);
    }

    /** @return iterable<string, array{Draft, MendAt|null}> */
    public static function mendedElsewhere(): iterable
    {
        yield 'no payee' => [Samples::draft(hasPayee: false), MendAt::Payee];
        yield 'no provider, which the machine’s owner sets' => [Samples::draft(hasProvider: false), null];
        yield 'a draft' => [Samples::draft(Samples::product(isDraft: true)), MendAt::Product];
        yield 'sold out' => [Samples::draft(Samples::product(stock: Stock::of(0))), MendAt::Product];
        yield 'a look' => [Samples::draft(doubts: ['The words stand out too little.']), MendAt::Looks];
        yield 'no quantity, which a slot mends' => [Samples::draft(quantity: ''), null];
    }

    public function test_what_is_not_ready_can_be_saved_but_not_published(): void
    {
        foreach ([Samples::draft(hasPayee: false), Samples::draft(Samples::product(isDraft: true))] as $draft) {
            $findings = Samples::proof($draft)->findings();

            self::assertTrue(Proofreading::allowsSaving($findings));
            self::assertFalse(Proofreading::allowsGoingLive($findings));
        }
        self::assertFalse(Proofreading::allowsSaving(Samples::proof(Samples::draft(quantity: 'x'))->findings()));
    }

    public function test_the_proof_goes_on_with_defaults_while_a_slot_is_wrong(): void
    {
        $draft = Samples::draft(quantity: 'x', caption: "\0", ask: new DraftAsk(true, '', '9', '1'));
        $offer = $draft->offer();

        self::assertSame([1, 'Buy now', null], [$offer->destination->items()[0]->pick->quantity->pieces, $offer->caption(), $draft->readAsk()]);
    }

    /** @param  list<OfferState>  $next */
    #[DataProvider('states')]
    public function test_an_offer_goes_only_where_it_may(OfferState $state, array $next): void
    {
        foreach (OfferState::cases() as $other) {
            self::assertSame(in_array($other, $next, true), $state->canBecome($other));
        }
    }

    /** @return iterable<array{OfferState, list<OfferState>}> */
    public static function states(): iterable
    {
        yield [OfferState::Draft, [OfferState::Live, OfferState::Archived]];
        yield [OfferState::Live, [OfferState::Paused, OfferState::Archived]];
        yield [OfferState::Paused, [OfferState::Live, OfferState::Archived]];
        yield [OfferState::Archived, [OfferState::Paused]];
    }

    private static function onSale(string $until): Product
    {
        return new Product(Sku::of('honey'), 'Heather honey', ProductKind::Physical, new Price(Samples::euros(980), new Sale(Samples::euros(800), null, Moment::of($until))));
    }
}
