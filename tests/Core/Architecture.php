<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The borders of the core's rooms, checked by phpstan through phpat. */
final class Architecture
{
    private const OUTSIDE = ['App', 'Illuminate', 'Laravel', 'Carbon', 'Standins', 'OpenApi', 'GuzzleHttp', 'Symfony\Component\HttpFoundation', 'Psr\Clock'];

    #[TestRule]
    public function nothing_in_the_core_knows_the_framework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('PaperKite'))
            ->shouldNot()->dependOn()
            ->classes(...array_map(Selector::inNamespace(...), self::OUTSIDE))
            ->because('the rules of the job are pure');
    }

    #[TestRule]
    public function text_stands_on_nothing(): Rule
    {
        return $this->onlyOn('Text', []);
    }

    #[TestRule]
    public function edits_stand_on_nothing(): Rule
    {
        return $this->onlyOn('Edit', []);
    }

    #[TestRule]
    public function people_stand_on_text_and_time(): Rule
    {
        return $this->onlyOn('People', ['Text', 'Time']);
    }

    #[TestRule]
    public function money_stands_on_nothing(): Rule
    {
        return $this->onlyOn('Money', []);
    }

    #[TestRule]
    public function time_stands_on_nothing(): Rule
    {
        return $this->onlyOn('Time', []);
    }

    #[TestRule]
    public function words_hold_money_text_days_and_links(): Rule
    {
        return $this->onlyOn('Words', ['Money', 'Text', 'Time', 'Link']);
    }

    #[TestRule]
    public function the_catalogue_stands_on_money(): Rule
    {
        return $this->onlyOn('Catalogue', ['Money', 'Text', 'Time', 'Words']);
    }

    #[TestRule]
    public function the_quote_stands_on_the_catalogue(): Rule
    {
        return $this->onlyOn('Quote', ['Money', 'Text', 'Time', 'Catalogue', 'Words']);
    }

    #[TestRule]
    public function the_offer_does_not_know_links_or_checkout(): Rule
    {
        return $this->onlyOn('Offer', ['Money', 'Text', 'Time', 'Catalogue', 'Quote', 'Words', 'Partner']);
    }

    #[TestRule]
    public function the_link_stands_on_text(): Rule
    {
        return $this->onlyOn('Link', ['Text']);
    }

    #[TestRule]
    public function the_look_stands_on_text(): Rule
    {
        return $this->onlyOn('Look', ['Text']);
    }

    #[TestRule]
    public function the_medium_shows_looks_and_prices_and_nothing_of_offers(): Rule
    {
        return $this->onlyOn('Medium', ['Look', 'Money', 'Text']);
    }

    #[TestRule]
    public function the_shopfront_stands_on_the_offer(): Rule
    {
        return $this->onlyOn('Shopfront', ['Text', 'Offer']);
    }

    #[TestRule]
    public function the_checkout_stands_on_the_quote(): Rule
    {
        return $this->onlyOn('Checkout', ['Money', 'Text', 'Quote', 'Catalogue', 'Words']);
    }

    #[TestRule]
    public function a_calendar_stands_on_time(): Rule
    {
        return $this->onlyOn('Calendar', ['Time']);
    }

    #[TestRule]
    public function a_page_tells_of_prices(): Rule
    {
        return $this->onlyOn('Page', ['Money']);
    }

    #[TestRule]
    public function payments_are_money(): Rule
    {
        return $this->onlyOn('Payment', ['Money']);
    }

    #[TestRule]
    public function refunds_are_money_and_a_form(): Rule
    {
        return $this->onlyOn('Refund', ['Money', 'Text']);
    }

    #[TestRule]
    public function the_order_stands_on_money_text_and_words(): Rule
    {
        return $this->onlyOn('Order', ['Money', 'Text', 'Words']);
    }

    #[TestRule]
    public function the_sheet_stands_on_text_and_days(): Rule
    {
        return $this->onlyOn('Sheet', ['Text', 'Time']);
    }

    #[TestRule]
    public function partners_stand_beside_links(): Rule
    {
        return $this->onlyOn('Partner', ['Money', 'Text', 'Time', 'Results', 'Sheet']);
    }

    #[TestRule]
    public function results_stand_on_nothing(): Rule
    {
        return $this->onlyOn('Results', []);
    }

    /** @param  list<string>  $rooms */
    private function onlyOn(string $room, array $rooms): Rule
    {
        $others = array_diff(['Text', 'Money', 'Time', 'Catalogue', 'Quote', 'Offer', 'Link', 'Look', 'Medium', 'Shopfront', 'Checkout', 'Results', 'Words', 'Order', 'Sheet', 'Partner', 'Payment', 'Refund', 'Calendar', 'Page'], [$room, ...$rooms]);

        return PHPat::rule()
            ->classes(Selector::inNamespace("PaperKite\\{$room}"))
            ->shouldNot()->dependOn()
            ->classes(...array_map(static fn (string $other) => Selector::inNamespace("PaperKite\\{$other}"), array_values($others)))
            ->because('a room knows only the rooms it stands on');
    }
}
