<?php

declare(strict_types=1);

namespace Tests\Core\Offer;

use PaperKite\Offer\CartUse;
use PaperKite\Offer\DestinationChoice;
use PaperKite\Offer\Draft;
use PaperKite\Offer\DraftAsk;
use PaperKite\Offer\DraftItem;
use PaperKite\Offer\DraftLook;
use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\PartnerGoods;
use PaperKite\Offer\Proofreading;
use PaperKite\Offer\Severity;
use PaperKite\Offer\ShopSetting;
use PaperKite\Offer\ShopWords;
use PaperKite\Offer\Slot;
use PaperKite\Partner\Item;
use PaperKite\Partner\Marketplace;
use PaperKite\Partner\PartnerPage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Partner\Markets;
use Tests\Core\Samples;

/** Offers whose click leads out of the shop: to a partner's goods, or to a page of the seller's own. */
final class LeadingOutTest extends TestCase
{
    #[DataProvider('sentences')]
    public function test_the_sentence_says_where_the_click_leads(Draft $draft, string $sentence, string $way, string $paid): void
    {
        $proof = Samples::proof($draft);

        self::assertSame([$sentence, $way, $paid], [$proof->sentence()->text(), $proof->offer->way()->words(), $proof->offer->destination->paidElsewhere()]);
        self::assertNull($proof->bill);
        self::assertSame([], $proof->offer->picks());
        self::assertTrue(Proofreading::allowsGoingLive($proof->findings()));
    }

    /** @return iterable<string, array{Draft, string, string, string}> */
    public static function sentences(): iterable
    {
        yield 'a partner’s goods' => [self::draft([self::lamp()]), 'When someone clicks See it at Quay in Kite silk, they are shown Brass lamp, go to see it at Quay, in a new tab, and pay what it costs there.', 'The click leads to Quay; nothing is paid here.', 'Nothing is paid here: Quay sells it, and credits the sale to you.'];
        yield 'by a page of its own' => [self::draft([self::lamp()], opening: Opening::OwnPage), 'When someone clicks See it at Quay in Kite silk, they are shown Brass lamp, go to see it at Quay, by way of a page of its own, and pay what it costs there.', 'One step: click, page of the offer, Quay; nothing is paid here.', 'Nothing is paid here: Quay sells it, and credits the sale to you.'];
        yield 'at two partners, by the country' => [self::draft([self::lamp(Markets::quay(), Markets::lane())]), 'When someone clicks See it at Quay or Lane in Kite silk, they are shown Brass lamp, go to see it at Quay or Lane, in a new tab, and pay what it costs there.', 'The click leads to Quay or Lane; nothing is paid here.', 'Nothing is paid here: Quay or Lane sells it, and credits the sale to you.'];
        yield 'a page' => [self::draft([], Onwards::Page, 'https://fern.example/story'), 'When someone clicks Read more in Kite silk, they go to https://fern.example/story, in a new tab.', 'The click leads to https://fern.example/story; nothing is paid here.', 'Nothing is paid: the click leads to a page of yours.'];
        yield 'a page, whatever goods were picked before' => [self::draft([new DraftItem(Samples::product(), '', '1')], Onwards::Page, 'https://fern.example/story'), 'When someone clicks Read more in Kite silk, they go to https://fern.example/story, in a new tab.', 'The click leads to https://fern.example/story; nothing is paid here.', 'Nothing is paid: the click leads to a page of yours.'];
    }

    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_said_at_its_slot(Draft $draft, Severity $severity, Slot $slot, ?int $item, string $said, ?MendAt $room = null): void
    {
        $findings = array_values(array_filter(Samples::proof($draft)->findings(), static fn (Finding $finding): bool => str_contains($finding->sentence, $said)));

        self::assertCount(1, $findings);
        self::assertSame([$severity, $slot, $item, $room], [$findings[0]->severity, $findings[0]->slot, $findings[0]->item, $findings[0]->room]);
    }

    /** @return iterable<string, array{0: Draft, 1: Severity, 2: Slot, 3: int|null, 4: string, 5?: MendAt}> */
    public static function wrong(): iterable
    {
        $own = new DraftItem(Samples::product(), '', '1');
        yield 'no partner ID' => [self::draft([self::lamp(Markets::quay(['partner_id' => '']))]), Severity::Error, Slot::Destination, null, 'no partner ID for Quay Sweden', MendAt::Partners];
        yield 'a draft' => [self::draft([new DraftItem(null, '', '1', partner: new PartnerGoods('Brass lamp', [self::page(Markets::quay())], true))]), Severity::Error, Slot::Product, 0, '“Brass lamp” is a draft', MendAt::Product];
        yield 'no address' => [self::draft([self::lampAt([])]), Severity::Error, Slot::Product, null, 'has no address at a partner', MendAt::Product];
        yield 'gone at its marketplace' => [self::draft([self::lampAt([new PartnerPage(Markets::quay(), new Item(['nr' => '1']), true, true)])]), Severity::Caution, Slot::Product, null, 'Quay Sweden does not sell it any more, and clicks go to what it finds for the name', MendAt::Product];
        yield 'gone at one of two' => [self::draft([self::lampAt([new PartnerPage(Markets::quay(), new Item(['nr' => '1']), true, true), new PartnerPage(Markets::lane(), new Item(['item' => 'w1']), false)])]), Severity::Caution, Slot::Product, null, 'and clicks go to Lane Ireland', MendAt::Product];
        yield 'nowhere for everybody else' => [self::draft([self::lampAt([new PartnerPage(Markets::quay(), new Item(['nr' => '1']), false)])]), Severity::Caution, Slot::Destination, null, 'Shoppers of other countries are sent nowhere', MendAt::Product];
        yield 'a caption that hides the partner' => [self::draft([self::lamp()], caption: 'Buy now'), Severity::Caution, Slot::Caption, null, '“Buy now” does not say that the click leads to Quay'];
        yield 'beside own goods' => [self::draft([$own, self::lamp()]), Severity::Error, Slot::Product, 1, 'can’t be paid here with others'];
        yield 'beside another partner’s' => [self::draft([self::lamp(), new DraftItem(null, '', '1', partner: new PartnerGoods('Tea set', [self::page(Markets::lane())], false))]), Severity::Error, Slot::Product, 1, '“Tea set” is a partner’s'];
        yield 'no page yet' => [self::draft([], Onwards::Page), Severity::Error, Slot::Destination, null, 'Write the address of the page'];
        yield 'a page of somebody else' => [self::draft([], Onwards::Page, 'https://evil.example/'), Severity::Error, Slot::Destination, null, '“https://evil.example/” is no address at a host that you have listed'];
        yield 'a page on a page of its own' => [self::draft([], Onwards::Page, 'https://fern.example/', Opening::OwnPage), Severity::Error, Slot::Opening, null, 'There are no goods to show'];
    }

    public function test_the_slot_lists_what_works_with_what_was_picked(): void
    {
        $values = static fn (Draft $draft): array => array_map(static fn (DestinationChoice $choice): string => "{$choice->value->value}: {$choice->words}", DestinationChoice::for($draft));

        self::assertSame(['cart: see it at Quay', 'page: to a page of your own'], $values(self::draft([self::lamp()], Onwards::Cart)));
        self::assertSame(['pay: see it at Quay', 'page: to a page of your own'], $values(self::draft([self::lamp()], Onwards::Page)));
        self::assertSame(['pay: straight to paying', 'cart: to the cart', 'mini_cart: to the mini cart on the page', 'page: to a page of your own'], $values(self::draft([])));
        self::assertCount(6, $values(self::draft([new DraftItem(Samples::product(), '', '1')])));
    }

    public function test_captions_are_proposed_that_name_the_partner(): void
    {
        self::assertSame(['See it at Quay', 'Brass lamp at Quay', 'Look at Brass lamp'], self::draft([self::lamp()])->offer()->destination->captionIdeas('Fern'));
    }

    private static function lamp(?Marketplace ...$marketplaces): DraftItem
    {
        return self::lampAt(array_map(static fn (?Marketplace $marketplace): PartnerPage => self::page($marketplace), array_values($marketplaces === [] ? [Markets::quay()] : $marketplaces)));
    }

    /** @param  list<PartnerPage>  $pages */
    private static function lampAt(array $pages): DraftItem
    {
        return new DraftItem(null, '', '1', partner: new PartnerGoods('Brass lamp', $pages, false));
    }

    private static function page(?Marketplace $marketplace): PartnerPage
    {
        return new PartnerPage($marketplace ?? Markets::quay(), new Item(['nr' => '90210']), true);
    }

    /** @param  list<DraftItem>  $items */
    private static function draft(array $items, Onwards $onwards = Onwards::Pay, string $page = '', Opening $opening = Opening::NewTab, string $caption = ''): Draft
    {
        return new Draft(
            items: $items,
            onwards: $onwards,
            cartUse: CartUse::JustThis,
            opening: $opening,
            ask: new DraftAsk,
            words: ['idle' => $caption],
            landing: '',
            page: $page,
            shop: new ShopSetting(true, true, ShopWords::none(), static fn (string $address): bool => str_starts_with($address, 'https://fern.example/')),
            look: new DraftLook('Kite silk', [], 40),
        );
    }
}
