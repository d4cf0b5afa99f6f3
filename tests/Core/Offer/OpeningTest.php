<?php

declare(strict_types=1);

namespace Tests\Core\Offer;

use PaperKite\Offer\DestinationChoice;
use PaperKite\Offer\Draft;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\OpeningChoice;
use PaperKite\Offer\Place;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

/** A slot lists what works with what was picked, where it stands. */
final class OpeningTest extends TestCase
{
    /** @param  list<Opening>  $openings */
    #[DataProvider('drafts')]
    public function test_an_offer_opens_in_ways_that_work_where_it_stands(Draft $draft, array $openings, bool $hasMiniCart): void
    {
        self::assertSame($openings, OpeningChoice::for($draft));
        self::assertSame($hasMiniCart, in_array(Onwards::MiniCart, array_map(static fn (DestinationChoice $choice): Onwards => $choice->value, DestinationChoice::for($draft)), true));
    }

    /** @return iterable<string, array{Draft, list<Opening>, bool}> */
    public static function drafts(): iterable
    {
        $tabs = [Opening::SameTab, Opening::NewTab];
        [$label, $post] = [new Place('the jar label', false), new Place('the post', true)];
        yield 'nothing is placed yet' => [Samples::draft(), [...$tabs, Opening::PopOver, Opening::OwnPage], true];
        yield 'a widget among its places' => [Samples::draft(places: [$label, $post]), [...$tabs, Opening::PopOver, Opening::OwnPage], true];
        yield 'no widget among its places' => [Samples::draft(places: [$label]), [...$tabs, Opening::OwnPage], false];
        yield 'chosen before its widget went' => [Samples::draft(places: [$label], destination: Onwards::MiniCart, opening: Opening::PopOver), [...$tabs, Opening::PopOver, Opening::OwnPage], true];
        yield 'the cart as it is' => [Samples::draft(items: [], destination: Onwards::Cart), $tabs, true];
        yield 'a page of the seller’s own' => [Samples::draft(destination: Onwards::Page), $tabs, true];
    }
}
