<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Demo\MosslightGoods;
use App\Demo\MosslightRules;
use Facebook\WebDriver\WebDriverKeys;
use PaperKite\Look\Colour;
use PaperKite\Look\Icon;
use PaperKite\Look\PageFont;
use PaperKite\Look\PageLook;
use PaperKite\Offer\OfferState;
use PHPUnit\Framework\Attributes\DataProvider;

/** axe-core finds nothing on any view, at either width, in either scheme. */
final class AccessibilityTest extends BrowserTestCase
{
    #[DataProvider('ways')]
    public function test_the_consoles_views_are_accessible(int $width, bool $isDark): void
    {
        $this->stock();
        $browser = $this->browser($width);
        if ($isDark) {
            $browser->useDarkScheme();
        }
        $browser->goTo($this->consoleAddress('/sign-in'))->seeing('Password');
        $this->assertAccessible($browser, 'sign-in');
        $browser->click('Sign in')->seeing('The e-mail address is missing.');
        $this->assertAccessible($browser, 'sign-in with errors');

        $this->atTheConsole($width)->seeing('Take one home');
        $this->assertAccessible($browser, 'the offers');
        $browser->clickCss('[data-offer] a')->seeing('On the bill')->seeing('the spring post');
        $this->assertAccessible($browser, 'the desk');
        $browser->click('Quantity: one. Change it')->type('How many one click adds', '0')->seeing('Must fix');
        $this->assertAccessible($browser, 'the desk with an open slot and a finding');
        $browser->press(WebDriverKeys::ESCAPE)->notSeeing('keeps it, Esc');
        foreach (['Caption: Take one home' => 'its other states', 'Look: Kite silk' => 'Luggage tag', 'Product: Heather honey, 340 g' => 'Add another', 'How it opens: in the same tab' => 'a step more', 'Where they land: our thank-you page' => 'No host is listed yet'] as $slot => $text) {
            $browser->click("{$slot}. Change it")->seeing($text);
            $this->assertAccessible($browser, $slot);
            $browser->press(WebDriverKeys::ESCAPE)->notSeeing('keeps it, Esc');
        }
        $browser->click('Name, words and look of this place')->seeing('Clicks are counted by it too')->click('More')->seeing('History');
        $this->assertAccessible($browser, 'the desk with a place and a menu open');
        $browser->click('History')->seeing('each change from now on');
        $this->assertAccessible($browser, 'the history');
        $browser->press(WebDriverKeys::ESCAPE);
        foreach (['products' => 'sold out', 'products/new' => 'Not counted.', 'orders' => 'No orders yet.', 'partners' => 'Whatever is bought', 'partners/prices' => 'Not looked at yet', 'partners/commission' => 'Clicks and sales are those', 'partners/earnings' => 'Nothing yet', 'partners/reports' => 'No report yet', 'partners/rules' => 'Conversion, in percent', 'shop' => 'Provider’s fee', 'shop/words' => 'In every mail', 'shop/look' => 'Dark, for readers', 'links' => 'How it is written', 'offers/looks' => 'Compare with', 'offers/tables/new' => 'Columns', 'offers/copies' => 'Every copy says', 'offers/examples' => 'Use this', 'shop/ready' => 'Also needed', 'offers/new' => 'Not saved yet'] as $path => $text) {
            $browser->goTo($this->consoleAddress("/{$this->shop->slug}/{$path}"))->seeing($text);
            $this->assertAccessible($browser, $path);
            self::assertLessThanOrEqual($width, $browser->evaluate('return document.documentElement.scrollWidth'), $path);
        }
        $goods = app(MosslightGoods::class)->load($this->shop);
        $wrap = $goods['wrap'];
        $goods['lamp'] = $this->shop->products()->where('kind', 'partner')->firstOrFail();
        foreach (['skep-course' => 'Ask who comes', 'hedgerow' => 'Suggested amounts', 'lamp' => 'The click leads to'] as $name => $text) {
            $browser->goTo($this->consoleAddress("/{$this->shop->slug}/products/{$goods[$name]->id}"))->seeing($text);
            $this->assertAccessible($browser, $name);
        }
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/products/{$wrap->id}"))->seeing('Preselected')->unfold('Stock', 'Shipping', 'Checkout', 'Cost and tax', 'Attributes');
        $this->assertAccessible($browser, 'a product of twelve variants');
        self::assertLessThanOrEqual($width, $browser->evaluate('return document.documentElement.scrollWidth'), 'a product of twelve variants');
        (new MosslightRules)->load($this->shop);
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/shop"))->unfold('Provider’s fee', 'Coupons', 'Checkout', 'Shopfront', 'Names')->seeing('BLOSSOM')->click('New coupon')->seeing('Uses in all')->click('Change the payee')->seeing('Your password');
        $this->assertAccessible($browser, 'the shop’s rules');
        self::assertLessThanOrEqual($width, $browser->evaluate('return document.documentElement.scrollWidth'), 'the shop’s rules');
    }

    #[DataProvider('ways')]
    public function test_the_shoppers_pages_are_accessible(int $width, bool $isDark): void
    {
        $code = $this->stock();
        $browser = $this->browser($width);
        if ($isDark) {
            $browser->useDarkScheme();
        }
        // The faintest accent on the darkest light ground: whatever can be saved can be read.
        $this->shop->update(['page_look' => new PageLook(Colour::of(0xAE, 0xB6, 0xA2), Colour::of(0xF2, 0xE0, 0x3C), PageFont::Round, mark: Icon::Leaf, sentence: 'Honey and wax, since the bees let us.')]);
        foreach (['/' => 'Everything in the shop', '/?q=hony' => 'Nothing is called', '/p/long' => 'Add to cart', '/p/lamp' => 'See it at Quay', '/cart' => 'Nothing is in it yet.', '/k/zzzzzzz' => 'Nothing is sold here'] as $path => $text) {
            $browser->goTo($this->shop->base().$path)->seeing($text);
            $this->assertAccessible($browser, $path);
            self::assertLessThanOrEqual($width, $browser->evaluate('return document.documentElement.scrollWidth'), $path);
        }
        $browser->goTo("{$this->shop->base()}/p/long")->click('Add to cart')->seeing('Go to the checkout');
        $this->assertAccessible($browser, 'the cart');
        $browser->goTo("{$this->shop->base()}/k/{$code}")->seeing('Checkout');
        $this->assertAccessible($browser, 'the checkout');
        $browser->click('Pay')->seeing('still to be put right');
        $this->assertAccessible($browser, 'the checkout with errors');
        self::assertLessThanOrEqual($width, $browser->evaluate('return document.documentElement.scrollWidth'), 'checkout');
        $browser->type('E-mail', 'ada@letters.example')->type('Name', 'Ada')->type('Street', '1 Row')->type('Town', 'Tarn')->choose('Country', 'IE')
            ->click('Pay')->arrivingAt('pay.localhost')->seeing('Authorise');
        $this->assertAccessible($browser, 'the payment page');
        $browser->click('Authorise')->arrivingAt('/thanks/')->seeing('Thank you');
        $this->assertAccessible($browser, 'the thank-you page');
        (new MosslightRules)->load($this->shop);
        app(MosslightGoods::class)->load($this->shop);
        foreach (['/p/wrap' => 'All prices', '/p/skep-course' => 'All prices', '/p/hedgerow' => 'You choose the amount', '/account' => 'Mail me a link', '/terms' => 'Terms'] as $path => $text) {
            $browser->goTo($this->shop->base().$path)->seeing($text);
            $this->assertAccessible($browser, $path);
        }
        $browser->goTo("{$this->shop->base()}/p/honey-340")->click('Add to cart')->type('Coupon', 'BLOSSOM')->click('Use it')->seeingCount('[aria-busy="true"]', 0)->seeing('Goes well with it')->click('Why?');
        $this->assertAccessible($browser, 'the cart with a coupon and an add-on');
        self::assertLessThanOrEqual($width, $browser->evaluate('return document.documentElement.scrollWidth'), 'the cart with a coupon and an add-on');
        $browser->goTo($this->standinAddress('outbox', '/'))->seeing('Outbox');
        $this->assertAccessible($browser, 'the outbox');
        foreach (['/', '/april-in-the-apiary', '/board'] as $path) {
            $browser->goTo($this->standinAddress('blog', $path));
            $this->assertAccessible($browser, "the blog’s {$path}");
        }
    }

    /** @return iterable<string, array{int, bool}> */
    public static function ways(): iterable
    {
        yield 'on a desk' => [1280, false];
        yield 'on a phone, in the dark' => [390, true];
    }

    private function stock(): string
    {
        $this->product($this->shop, ['stock' => 0, 'name' => 'Starter hive']);
        $this->product($this->shop, ['sku' => 'long', 'name' => 'A parcel of heather honey, willow honey, a tall candle and a very longwindedlynamedbeeswaxwrapthatneverends']);
        $this->partnerProduct($this->shop, ['sku' => 'lamp'], $this->marketplace($this->shop));
        $offer = $this->offer($this->product($this->shop), ['caption' => 'Take one home', 'state' => OfferState::Live]);

        return $this->placement($offer)->code;
    }
}
