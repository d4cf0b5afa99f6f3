<?php

declare(strict_types=1);

namespace Tests\Core\Offer;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Offer\Ask;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Offer;
use PaperKite\Offer\OfferItem;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\Segment;
use PaperKite\Offer\Sentence;
use PaperKite\Offer\Slot;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

/** What holds of the sentence of every offer. */
final class SentenceLawTest extends TestCase
{
    use TestTrait;

    public function test_every_part_of_an_offer_is_said_and_no_slot_is_empty_or_there_twice(): void
    {
        $this->limitTo(150)->forAll(Generators::choose(0, 4), Generators::choose(0, 3), Generators::choose(0, 2), Generators::choose(0, 1), Generators::choose(1, 999))->then(function (int $goods, int $destination, int $opening, int $cartUse, int $quantity): void {
            $offer = self::offer($goods, Onwards::cases()[$destination], Opening::cases()[$opening], CartUse::cases()[$cartUse], $quantity);
            $sentence = Sentence::of($offer, $goods === 0 ? null : Samples::quote($offer->picks()), ['the post']);
            $slots = array_values(array_filter($sentence->segments, static fn (Segment $segment): bool => $segment->slot !== null));
            $names = array_map(static fn (Segment $segment): string => "{$segment->slot?->value} {$segment->item}", $slots);

            self::assertSame(array_values(array_unique($names)), $names);
            self::assertNotContains('', array_map(static fn (Segment $segment): string => trim($segment->text), $slots));
            self::assertStringStartsWith('When someone clicks ', $sentence->text());
            self::assertStringEndsWith('.', $sentence->text());
            foreach ([...array_map(static fn (OfferItem $item): string => $item->pick->product->name, $offer->destination->items()), 'the post', Onwards::cases()[$destination]->words(), $offer->opening->words()] as $said) {
                self::assertStringContainsString($said, $sentence->text());
            }
        });
    }

    public function test_a_slot_names_the_goods_that_it_is_about(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(1, 6))->then(function (int $goods): void {
            $offer = self::offer($goods, Onwards::Cart, Opening::SameTab, CartUse::JustThis, 2);
            foreach (Sentence::decided($offer)->segments as $segment) {
                if ($segment->slot === Slot::Product) {
                    self::assertSame($offer->destination->items()[$segment->item ?? 99]->pick->product->name, $segment->text);
                } elseif ($segment->slot !== null && ! in_array($segment->slot, [Slot::Quantity, Slot::Variant], true)) {
                    self::assertNull($segment->item);
                }
            }
        });
    }

    public function test_what_was_decided_is_the_sentence_without_places_and_prices(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(1, 4), Generators::choose(0, 3))->then(function (int $goods, int $destination): void {
            $offer = self::offer($goods, Onwards::cases()[$destination], Opening::SameTab, CartUse::JustThis, 1);
            $whole = Sentence::of($offer, Samples::quote($offer->picks()), [])->text();
            $priced = (string) preg_replace('/, and pay (?:for instance )?€[^;]*/u', '', $whole);

            self::assertSame($priced, Sentence::decided($offer)->text());
        });
    }

    private static function offer(int $goods, Onwards $destination, Opening $opening, CartUse $cartUse, int $quantity): Offer
    {
        $items = [];
        for ($i = 0; $i < $goods; $i++) {
            $items[] = $i % 3 === 2 ? Samples::item(Samples::wraps(), $quantity, $quantity % 2 === 0 ? Samples::wraps()->variants[0] : null) : Samples::item(Samples::product(name: "Jar no. {$i}", sku: "jar-{$i}"), $quantity);
        }

        return Samples::offer($destination, items: $items, cartUse: $cartUse, opening: $opening, ask: $goods === 1 && $quantity % 3 === 0 ? Ask::of('How many', 1, 999) : null);
    }
}
