<?php

declare(strict_types=1);

namespace Tests\Core\Offer;

use PaperKite\Catalogue\Stock;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Destination;
use PaperKite\Offer\Draft;
use PaperKite\Offer\Finding;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Proofreading;
use PaperKite\Offer\Readiness;
use PaperKite\Offer\Severity;
use PaperKite\Offer\Slot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

final class ProofreadingTest extends TestCase
{
    public function test_a_sound_draft_has_no_findings(): void
    {
        self::assertSame([], Proofreading::of(Samples::draft()));
    }

    #[DataProvider('doubtful')]
    public function test_what_is_wrong_is_found_at_its_slot(Draft $draft, Severity $severity, ?Slot $slot, string $part): void
    {
        $findings = Proofreading::of($draft);

        self::assertCount(1, $findings);
        self::assertSame([$severity, $slot], [$findings[0]->severity, $findings[0]->slot]);
        self::assertStringContainsString($part, $findings[0]->sentence);
    }

    /** @return iterable<string, array{Draft, Severity, Slot|null, string}> */
    public static function doubtful(): iterable
    {
        yield 'caption too long' => [Samples::draft(caption: str_repeat('x', 41)), Severity::Error, Slot::Caption, 'shorten it to 40'];
        yield 'caption with a tab' => [Samples::draft(caption: "a\tb"), Severity::Error, Slot::Caption, 'control character'];
        yield 'caption of two lines' => [Samples::draft(caption: 'Take two jars of the heather honey'), Severity::Hint, Slot::Caption, 'two lines'];
        yield 'no quantity' => [Samples::draft(quantity: ''), Severity::Error, Slot::Quantity, 'missing'];
        yield 'too many' => [Samples::draft(quantity: '1000'), Severity::Error, Slot::Quantity, '1 to 999'];
        yield 'more than is left' => [Samples::draft(Samples::product(stock: Stock::of(2)), quantity: '3'), Severity::Caution, Slot::Quantity, 'Only 2 are in stock'];
        yield 'sold out' => [Samples::draft(Samples::product(stock: Stock::of(0))), Severity::Caution, Slot::Quantity, 'None is in stock'];
        yield 'the last one' => [Samples::draft(Samples::product(stock: Stock::of(1)), quantity: '2'), Severity::Caution, Slot::Quantity, 'Only one is in stock'];
        yield 'given away' => [Samples::draft(Samples::product(0)), Severity::Caution, Slot::Product, 'costs nothing'];
        yield 'unknown product' => [new Draft(null, '1', Destination::Pay, CartUse::JustThis, '', new Readiness(true, true)), Severity::Error, Slot::Product, 'not in this shop'];
        yield 'no payee' => [Samples::draft(hasPayee: false), Severity::Error, null, 'no payee'];
        yield 'no provider' => [Samples::draft(hasProvider: false), Severity::Error, null, 'No payment provider'];
    }

    public function test_errors_come_first(): void
    {
        $findings = Proofreading::of(Samples::draft(Samples::product(0), quantity: '0', caption: str_repeat('x', 30), hasPayee: false));

        self::assertSame(
            [Severity::Error, Severity::Error, Severity::Caution, Severity::Hint],
            array_map(static fn (Finding $finding): Severity => $finding->severity, $findings),
        );
    }

    public function test_a_shop_that_is_not_ready_can_save_but_not_publish(): void
    {
        $findings = Proofreading::of(Samples::draft(hasPayee: false));

        self::assertTrue(Proofreading::allowsSaving($findings));
        self::assertFalse(Proofreading::allowsGoingLive($findings));
        self::assertFalse(Proofreading::allowsSaving(Proofreading::of(Samples::draft(quantity: 'x'))));
    }

    public function test_the_proof_goes_on_with_defaults_while_a_slot_is_wrong(): void
    {
        $offer = Samples::draft(quantity: 'x', caption: "\0")->offer(Samples::product());

        self::assertSame([1, 'Buy now'], [$offer->quantity->pieces, $offer->caption()]);
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
}
