<?php

declare(strict_types=1);

namespace Tests\Core\Offer;

use PaperKite\Offer\CartUse;
use PaperKite\Offer\Destination;
use PaperKite\Offer\Offer;
use PaperKite\Offer\Segment;
use PaperKite\Offer\Sentence;
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
        yield 'straight to paying' => [Samples::offer(), [], 390, 'When someone clicks Buy now, they get one × Heather honey, 340 g, go straight to paying with just this and pay €9.80 + €3.90 shipping; then they land on our thank-you page.'];
        yield 'with what is in the cart' => [Samples::offer(cartUse: CartUse::WithCart), ['the spring post'], 0, 'When someone clicks Buy now on the spring post, they get one × Heather honey, 340 g, go straight to paying with this and whatever is in their cart and pay €9.80, shipping included; then they land on our thank-you page.'];
        yield 'to the cart' => [Samples::offer(Destination::Cart, 3), ['the spring post', 'the footer'], 390, 'When someone clicks Add to cart on the spring post and one other page, they get 3 × Heather honey, 340 g, go to the cart and pay €29.40 + €3.90 shipping; then they land on our thank-you page.'];
        yield 'to choose, in own words' => [Samples::offer(Destination::Choose, caption: 'Taste it'), ['a', 'b', 'c'], 390, 'When someone clicks Taste it on a and 2 other pages, they get one × Heather honey, 340 g, go to its page, to choose how many and pay €9.80 + €3.90 shipping; then they land on our thank-you page.'];
    }

    public function test_every_slot_stands_once_and_holds_something(): void
    {
        foreach (Destination::cases() as $destination) {
            $slots = array_filter($this->sentence(Samples::offer($destination), [], 390)->segments, static fn (Segment $segment): bool => $segment->slot !== null);
            $names = array_map(static fn (Segment $segment): string => $segment->slot->value ?? '', $slots);

            self::assertSame(array_unique($names), $names);
            self::assertNotContains('', array_map(static fn (Segment $segment): string => $segment->text, $slots));
            self::assertCount($destination === Destination::Pay ? 5 : 4, $slots);
        }
    }

    public function test_the_fewer_pages_remain_the_fewer_steps_are_told(): void
    {
        self::assertSame(['checkout'], Destination::Pay->pagesToPayment());
        self::assertSame(['cart', 'checkout'], Destination::Cart->pagesToPayment());
        self::assertSame(['product page', 'cart', 'checkout'], Destination::Choose->pagesToPayment());
    }

    /** @param  list<string>  $places */
    private function sentence(Offer $offer, array $places, int $fee): Sentence
    {
        return Sentence::of($offer, Samples::quote([$offer->line()], Samples::rules($fee)), $places);
    }
}
