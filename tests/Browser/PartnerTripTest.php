<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Placement;
use Facebook\WebDriver\WebDriverKeys;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Results\EventKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** A new affiliate publisher: a partner is added, goods are pasted in, a button is placed, and a shopper arrives there with the right ID. */
final class PartnerTripTest extends BrowserTestCase
{
    #[DataProvider('widths')]
    public function test_an_address_becomes_a_product_an_offer_and_a_credited_click(int $width): void
    {
        $lane = $this->standinAddress('wicker-lane-ie', '');
        $browser = $this->signedIn($width)->goTo($this->consoleAddress("/{$this->shop->slug}/partners"))->seeing('Begin with a partner that is known')
            ->click('Add Wicker Lane')->seeing('Wicker Lane Britain')->seeing('No partner ID yet')
            ->click('Wicker Lane Ireland')->type('Try it: paste the address of a page there', "{$lane}/w204-storm-lantern-brass?lane=somebody-9&utm=x#top")->seeing('it was taken out')->seeing('another’s partner ID; taken out');

        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/products/new"))->seeing('Not counted.')->type('Name', 'Storm lantern in brass, for long evenings by the hives')->type('SKU', 'lantern')
            ->click('Partner’s goods')->seeing('Another merchant sells it')->notSeeing('Not counted.')
            ->type('Address of its page', 'https://sh.example/aB3x9')->seeing('shortened address')
            ->type('Address of its page', "{$lane}/w204-storm-lantern-brass?lane=somebody-9")->seeing('leads to item w204')->seeing('Everybody else')
            ->click('Save')->seeing('sold by Wicker Lane');
        $browser->click('Offers')->click('New offer')->seeing('they are shown')->seeing('no partner ID for Wicker Lane Ireland yet')->click('Save')->seeing('All is saved');

        $browser->click('Open the partners')->click('Wicker Lane Ireland')->type('Partner ID', 'tarn-7')->click('Save')->seeing('tarn-7, one product');
        $browser->click('Offers')->clickCss('[data-offer] a')->seeing('See it at Wicker Lane')->notSeeing('no partner ID')->click('Publish')->seeing('Live')
            ->click('Another place')->type('Name of the new place', 'evenings by the hives')->click('Place it')->seeing('evenings by the hives');
        $snippet = $browser->css('[data-snippet]')->getText();
        $code = Placement::query()->where('shop_id', $this->shop->id)->latest('id')->firstOrFail()->code;

        $browser->goTo($this->standinAddress('blog', '/board'))->type('HTML', $snippet)->click('Pin it and look')->arrivingAt('/board/')->seeing('this shop earns a commission')
            ->click('See it at Wicker Lane')->arrivingAt("/i/w204?lane=tarn-7&knot={$code}")->seeing('Sent here by partner tarn-7')->click('Into the basket')->seeing('credited to tarn-7');
        self::assertSame([1, 1], [$this->acts($this->shop, EventKind::Click), $this->acts($this->shop, EventKind::Lead)]);

        $browser->goTo($this->shop->base())->seeing('Advertising: if you buy at Wicker Lane')->click('See it at Wicker Lane')->arrivingAt('/i/w204?lane=tarn-7&knot=list')
            ->goTo("{$this->shop->base()}/p/lantern")->click('See it at Wicker Lane')->arrivingAt('knot=product');
    }

    public function test_a_marketplace_that_nobody_knows_is_typed_in_and_tried(): void
    {
        $browser = $this->signedIn(1280)->goTo($this->consoleAddress("/{$this->shop->slug}/partners"))->seeing('Begin with a partner that is known')->click('New marketplace')->seeing('Address of an item')
            ->type('Name', ' ')->click('Save')->seeing('The name is missing.')
            ->type('Name', 'Tide & Tallow Norway');
        $browser->proposing('Partner')->sendKeys('Tide & Tallow');
        $browser->type('Currency', 'NOK')->type('Partner ID', 'moss~1')->type('Parameter of the ID', 'by')->type('Sub-ID parameter', 'at')
            ->type('Hosts', 'tide.example, shop.tide.example')->type('Address of an item', '/w/{nr}.{v}')->type('Other addresses of an item', '/{lang}/ware/{nr}')
            ->seeing('has no {v}, which the address of an item needs')->type('Other addresses of an item', '/{lang}/ware/{nr}.{v}')
            ->type('Try it: paste the address of a page there', 'https://shop.tide.example/en/ware/77.b?by=thief')->seeing('https://tide.example/w/77.b?by=moss~1&at=abc1234')
            ->click('Save')->seeing('moss~1, 0 products');

        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/products/new"))->type('Name', 'Sea lantern')->type('SKU', 'sea-lantern')->click('Partner’s goods')->seeing('Address of its page')
            ->click('Item number')->click('choose')->click('Tide & Tallow Norway')->type('Item number there', '77')->seeing('it is written as nr/v')->type('Item number there', '77/b')->seeing('item 77/b')->click('Save')->seeing('sold by Tide & Tallow');
    }

    public function test_an_own_product_becomes_a_partners_and_comes_back(): void
    {
        $this->marketplace($this->shop);
        $honey = $this->product($this->shop, ['sku' => 'honey', 'name' => 'Heather honey', 'price_minor' => 980, 'cost_minor' => 310]);
        $browser = $this->signedIn(1280)->goTo($this->consoleAddress("/{$this->shop->slug}/products/{$honey->id}"))->seeing('Change')->click('Partner’s goods')->seeing('Kept, but not used')
            ->type('Address of its page', 'https://quay.example/goods?nr=7')->seeing('leads to item 7')->click('Save')->seeing('sold by Quay');
        $browser->click('Heather honey')->seeing('Sell it yourself again, as goods')->click('Sell it yourself again, as goods')->seeing('Shoppers see €9.80')->click('Save')->seeing('not counted');

        self::assertSame([980, 310, 'physical'], [$honey->refresh()->price_minor, $honey->cost_minor, $honey->kind->value]);
    }

    public function test_a_click_leads_to_a_page_of_the_sellers_own(): void
    {
        $this->product($this->shop, ['name' => 'Heather honey']);
        $this->shop->update(['checkout_rules' => new CheckoutRules(hosts: ['blog.localhost'])]);
        $browser = $this->signedIn(1280)->goTo($this->consoleAddress("/{$this->shop->slug}/offers/new"))->seeing('straight to paying')->click('Destination: straight to paying. Change it')->click('to a page of your own')
            ->type('Address of the page', $this->standinAddress('blog', '/april-in-the-apiary'))->press(WebDriverKeys::ENTER)->seeing('they go to')->click('Publish')->seeing('Live')
            ->click('Another place')->type('Name of the new place', 'the list')->click('Place it')->seeing('the list');
        $code = Placement::query()->where('shop_id', $this->shop->id)->latest('id')->firstOrFail()->code;
        $browser->goTo("{$this->shop->base()}/k/{$code}")->arrivingAt('/april-in-the-apiary');
        self::assertSame(1, $this->acts($this->shop, EventKind::Click));
    }

    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'on a desk' => [1280];
        yield 'on a phone' => [390];
    }
}
