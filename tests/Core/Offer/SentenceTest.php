<?php

declare(strict_types=1);

namespace Tests\Core\Offer;

use PaperKite\Offer\Ask;
use PaperKite\Offer\CaptionIdeas;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Offer;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\Segment;
use PaperKite\Offer\Sentence;
use PaperKite\Offer\StateWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

final class SentenceTest extends TestCase
{
    /** @param  list<string>  $places */
    #[DataProvider('sentences')]
    public function test_an_offer_is_said_in_one_sentence(Offer $offer, array $places, int $fee, string $sentence): void
    {
        self::assertSame($sentence, $this->sentence($offer, $places, $fee)->text());
    }

    /** @return iterable<string, array{Offer, list<string>, int, string}> */
    public static function sentences(): iterable
    {
        yield 'straight to paying' => [Samples::offer(), [], 390, 'When someone clicks Buy now in Kite silk, they get one × Heather honey, 340 g, go straight to paying with just this, in the same tab, and pay €9.80 + €3.90 shipping; then they land on our thank-you page.'];
        yield 'with what is in the cart' => [Samples::offer(cartUse: CartUse::WithCart), ['the spring post'], 0, 'When someone clicks Buy now in Kite silk on the spring post, they get one × Heather honey, 340 g, go straight to paying with this and whatever is in their cart, in the same tab, and pay €9.80, shipping included; then they land on our thank-you page.'];
        yield 'to the cart' => [Samples::offer(Onwards::Cart, 3), ['the spring post', 'the footer'], 390, 'When someone clicks Add to cart in Kite silk on the spring post and one other page, they get three × Heather honey, 340 g, go to the cart, in the same tab, and pay €29.40 + €3.90 shipping; then they land on our thank-you page.'];
        yield 'to choose, in own words' => [Samples::offer(Onwards::Choose, caption: 'Taste it', opening: Opening::NewTab), ['a', 'b', 'c'], 390, 'When someone clicks Taste it in Kite silk on a and 2 other pages, they get one × Heather honey, 340 g, go to its page, to choose how many, in a new tab, and pay €9.80 + €3.90 shipping; then they land on our thank-you page.'];
        yield 'and look on' => [Samples::offer(Onwards::Stay), [], 390, 'When someone clicks Add to cart in Kite silk, they get one × Heather honey, 340 g, go on browsing, with it in their cart, in the same tab, and pay €9.80 + €3.90 shipping; they keep browsing at our list of goods.'];
        yield 'several goods' => [Samples::offer(Onwards::Cart, items: [Samples::item(), Samples::item(Samples::product(name: 'Candle', sku: 'candle'), 13), Samples::item(Samples::wraps(), 1, Samples::wraps()->variants[1])]), [], 390, 'When someone clicks Add to cart in Kite silk, they get one × Heather honey, 340 g, 13 × Candle and one × Beeswax wrap in Large, go to the cart, in the same tab, and pay €149.20 + €3.90 shipping; then they land on our thank-you page.'];
        yield 'a variant that the shopper chooses' => [Samples::offer(product: Samples::wraps()), [], 390, 'When someone clicks Buy now in Kite silk, they get one × Beeswax wrap in the kind they choose, go straight to paying with just this, in the same tab, and pay for instance €12.00 + €3.90 shipping; then they land on our thank-you page.'];
        yield 'a number that the shopper says' => [Samples::offer(ask: Ask::of('Jars', 1, 6), landing: 'https://fern.example/'), [], 390, 'When someone clicks Buy now in Kite silk, they get 1 to 6 (as they say) × Heather honey, 340 g, go straight to paying with just this, in the same tab, and pay for instance €9.80 + €3.90 shipping; then they land on https://fern.example/.'];
    }

    public function test_an_offer_without_goods_shows_the_cart(): void
    {
        $offer = Samples::offer(Onwards::Pay, items: []);

        self::assertSame('When someone clicks Pay for your cart in Kite silk, they get nothing new, go straight to paying, in the same tab, and pay for what is in their cart; then they land on our thank-you page.', Sentence::of($offer, null, [])->text());
        self::assertSame('See your cart', Samples::offer(Onwards::Cart, items: [])->caption());
    }

    public function test_what_was_decided_is_said_without_places_and_prices(): void
    {
        self::assertSame('When someone clicks Buy now in Kite silk, they get one × Heather honey, 340 g, go straight to paying with just this, in the same tab; then they land on our thank-you page.', Sentence::decided(Samples::offer())->text());
    }

    public function test_every_slot_stands_once_and_holds_something(): void
    {
        foreach (Onwards::cases() as $destination) {
            $offer = Samples::offer($destination, items: [Samples::item(), Samples::item(Samples::wraps())]);
            $slots = array_filter($this->sentence($offer, [], 390)->segments, static fn (Segment $segment): bool => $segment->slot !== null);
            $names = array_map(static fn (Segment $segment): string => ($segment->slot->value ?? '').$segment->item, $slots);

            self::assertSame(array_unique($names), $names);
            self::assertNotContains('', array_map(static fn (Segment $segment): string => $segment->text, $slots));
            self::assertCount($destination === Onwards::Pay ? 11 : 10, $slots);
        }
    }

    public function test_captions_that_are_proposed_fit_and_say_where_the_click_leads(): void
    {
        foreach (Onwards::cases() as $destination) {
            foreach ([[Samples::item()], [Samples::item(), Samples::item(Samples::wraps())]] as $items) {
                $ideas = CaptionIdeas::for(Samples::offer($destination, items: $items), 'Mosslight Apiary');

                self::assertNotSame([], $ideas);
                foreach ($ideas as $idea) {
                    self::assertLessThanOrEqual(StateWords::LONGEST, mb_strlen($idea));
                }
            }
        }
        self::assertContains('Buy Heather honey now', CaptionIdeas::for(Samples::offer(), 'Mosslight Apiary'));
        self::assertNotContains('Buy Heather honey now', CaptionIdeas::for(Samples::offer(caption: 'Buy Heather honey now'), 'Mosslight Apiary'));
        self::assertSame([], CaptionIdeas::for(Samples::offer(Onwards::Choose, product: Samples::product(name: str_repeat('x', 60))), str_repeat('y', 60)));
    }

    /** @param  list<string>  $places */
    private function sentence(Offer $offer, array $places, int $fee): Sentence
    {
        return Sentence::of($offer, Samples::quote($offer->picks(), Samples::rules($fee)), $places);
    }
}
