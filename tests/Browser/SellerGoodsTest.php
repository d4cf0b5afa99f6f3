<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Product;
use Facebook\WebDriver\WebDriverKeys;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Offer\OfferState;

/** A seller puts in goods with variants and pictures, and says what the shop adds to their price. */
final class SellerGoodsTest extends BrowserTestCase
{
    public function test_a_product_in_variants_is_put_in_by_hand_and_by_paste(): void
    {
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products/new"))->seeing('Not counted.')
            ->type('Name', 'Beeswax food wrap')->type('SKU', 'wrap')->type('Price', '7.00')->seeing('Shoppers see €7.00.')
            ->type('Sale price', '7.50')->seeing('above the price')->type('Sale price', '5.00')->seeing('Shoppers see €5.00.')->type('Sale price', '');

        $browser->unfold('Variants')->click('It comes in variants')->type('Choice 1 of ', 'Small')->type('Choice 2 of ', 'Small')->seeing('There is a choice “Small” already')
            ->clickCss('input[placeholder="Size, print, scent…"]');
        $browser->css('input[placeholder="Size, print, scent…"]')->sendKeys('Size');
        $browser->type('Choice 2 of Size', 'Large')->type('Price of Large, in EUR', '11.00')->seeing('Add 2 variants')->click('Add 2 variants')->seeing('Preselected');
        $browser->until(fn (): bool => $browser->evaluate('return [...document.querySelectorAll("[data-cell$=\'-1\']")].map((cell) => cell.placeholder)') === ['€7.00', '€11.00'], 'what each variant costs by its choices');

        // The arrow keys go from cell to cell; two rows of a spreadsheet fill two rows here.
        $browser->clickCss('[data-cell="0-0"]')->press(WebDriverKeys::ARROW_DOWN);
        self::assertSame('1-0', $browser->evaluate('return document.activeElement.dataset.cell'));
        $browser->evaluate('const cells = new DataTransfer(); cells.setData("text/plain", "wrap-s\t\t12\t60\nwrap-l\t10.50\t3\t95\n"); const cell = document.querySelector("[data-cell=\'0-0\']"); cell.focus(); cell.dispatchEvent(new ClipboardEvent("paste", { clipboardData: cells, bubbles: true, cancelable: true }))');
        $browser->clickCss('[aria-label="Large is chosen at first"]')->click('Save')->arrivingAt('/products')->seeing('2 variants, 15 in stock')->seeing('from €7.00');

        $product = Product::query()->where('shop_id', $this->shop->id)->with('variants')->sole();
        self::assertSame([['wrap-s', null, 12, 60, null], ['wrap-l', 1050, 3, 95, true]], $product->variants->map(fn ($variant): array => [$variant->sku, $variant->price_minor, $variant->stock, $variant->weight_g, $variant->is_preselected])->all());
    }

    public function test_a_draft_is_put_in_offered_and_put_on_sale(): void
    {
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products/new"))->seeing('For sale')
            ->type('Name', 'Cut comb')->type('SKU', 'comb')->type('Price', '7.00')->click('For sale')->seeing('shoppers don’t see it')->click('Save')->arrivingAt('/products')->seeing('Draft');
        $browser->goTo("{$this->shop->base()}/p/comb")->seeing('Nothing is here');
        $desk = $this->consoleAddress("/{$this->shop->slug}/offers/{$this->offer($this->shop->products()->where('sku', 'comb')->sole(), ['state' => OfferState::Draft])->id}");
        $browser->goTo($desk)->seeing('is a draft and can’t be bought yet');
        self::assertTrue($browser->evaluate('return [...document.querySelectorAll("button")].find((button) => button.textContent.includes("Publish")).disabled'));

        $browser->click('Open the product')->seeing('shoppers don’t see it')->click('For sale')->notSeeing('shoppers don’t see it')->click('Save')->arrivingAt('/products')->notSeeing('Draft');
        $browser->goTo($desk)->click('Publish')->seeing('Live')->goTo("{$this->shop->base()}/p/comb")->seeing('€7.00');
    }

    public function test_pictures_are_added_moved_by_keyboard_and_described(): void
    {
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products/new"))->seeing('Add pictures')->type('Name', 'Honey')->type('SKU', 'honey')->type('Price', '9.80');
        $files = array_map(self::picture(...), [[180, 60, 60], [60, 120, 60]]);
        $browser->css('input[type="file"]')->sendKeys($files[0]);
        $browser->seeing('Leads');
        $browser->css('input[type="file"]')->sendKeys($files[1]);
        $browser->seeing('Number 2');
        $before = $browser->evaluate('return document.querySelector("li[draggable] img").src');
        $browser->evaluate('document.querySelector("[aria-label=\'Move picture 1 back\']").focus()');
        $browser->press(WebDriverKeys::ARROW_RIGHT)->type('What picture 1 shows', 'A jar in the sun');
        self::assertNotSame($before, $browser->evaluate('return document.querySelector("li[draggable] img").src'));

        $browser->css('[aria-multiline="true"]')->sendKeys('Dark and slow.');
        $browser->click('Save')->seeing('not counted')->goTo("{$this->shop->base()}/p/honey")->seeing('Dark and slow.');
        self::assertSame('A jar in the sun', $browser->css('.product-pictures img')->getAttribute('alt'));
        array_map(unlink(...), $files);
    }

    public function test_an_attribute_is_proposed_and_so_are_its_values(): void
    {
        $this->product($this->shop, ['sku' => 'heather', 'traits' => [['name' => 'Tastes of', 'values' => ['toffee', 'woodsmoke']]]]);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products/new"))->type('Name', 'Lime honey')->type('SKU', 'lime')->type('Price', '9.80');

        $browser->unfold('Attributes')->click('Add an attribute')->proposing('Attribute')->sendKeys(['tast']);
        $browser->seeing('Tastes of')->press(WebDriverKeys::ENTER)->tag('Values', 'woodsmoke')->click('Save')->seeing('not counted');

        self::assertEquals([['name' => 'Tastes of', 'values' => ['woodsmoke']]], $this->shop->products()->where('sku', 'lime')->sole()->traits);
    }

    public function test_the_shops_rules_are_tried_before_they_are_saved(): void
    {
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/shop"))->seeing('Every order ships for €3.90, however much is in it.');

        $browser->click('Another threshold')->type('Band 2 of Everywhere begins at', '0')->type('Band 2 of Everywhere costs', '6.00')->seeing('Each band begins above the one before it.')
            ->type('Band 2 of Everywhere begins at', '2')->seeing('Orders of 2 pieces or more ship for €6.00.')->unfold('Provider’s fee')->type('Percent', '1.9')->seeing('keeps €0.59.')
            ->click('Save')->seeing('All is saved.');
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/shop"))->seeing('Orders of 2 pieces or more ship for €6.00.');

        $browser->unfold('Coupons')->click('New coupon')->type('Code', 'MAY')->click('Save the coupon')->seeing('The percentage is missing.')->type('Percent off', '10')->click('Save the coupon')->seeing('takes 10 % off.')->seeing('used 0 times');
    }

    public function test_a_link_is_built_by_hand_and_followed(): void
    {
        $this->product($this->shop, ['sku' => 'honey-340', 'name' => 'Heather honey']);
        $browser = $this->atTheConsole()->click('Write a link yourself')->seeing('How it is written')->click('Heather honey')->seeing('/take/honey-340')->type('Pieces', '0')->seeing('from 1 to 999')
            ->type('Pieces', '3')->seeing('3 of “honey-340”.')->type('Label', 'spring')->seeing('from=spring');
        $link = $browser->css('[data-link]')->getText();

        $browser->goTo($link)->arrivingAt('/cart')->seeing('€29.40')->goTo($this->shop->base().'/take/jam')->seeing('sells nothing under this SKU');
        self::assertStringEndsWith('/take/3*honey-340?from=spring', $link);
    }

    public function test_a_link_by_hand_names_its_goods_and_their_variant_and_its_clicks_are_told(): void
    {
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'name' => 'Beeswax wrap', 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large')])]]);
        foreach (['Small' => 0, 'Large' => 4] as $size => $stock) {
            $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => $stock, 'sku' => 'wrap-'.strtolower($size), 'choices' => [$size], 'choices_digest' => hash('sha256', $size), 'stock' => $stock]);
        }
        $browser = $this->atTheConsole()->click('Write a link yourself')->seeing('Nothing with a label was clicked')->click('Beeswax wrap')->seeing('the shopper chooses')->seeing('/take/wrap');
        $browser->click('the shopper chooses')->click('Small: none in stock')->seeing('It is sold out')->seeing('/take/wrap-small')->click('Small: none in stock')->click('Large')->seeing('/take/wrap-large')->notSeeing('It is sold out')->type('Label', 'spring')->seeing('from=spring');
        $link = $browser->css('[data-link]')->getText();

        $browser->goTo($link)->arrivingAt('/cart')->seeing('Beeswax wrap');
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/links"))->seeing('Clicks by label');
        self::assertSame("spring\n1 click\nin the last 30 days", $browser->css('[data-label]')->getText());
    }

    /** @param  array{int, int, int}  $colour */
    private static function picture(array $colour): string
    {
        $image = imagecreatetruecolor(300, 300);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, max(0, min(255, $colour[0])), max(0, min(255, $colour[1])), max(0, min(255, $colour[2]))));
        $file = sys_get_temp_dir().'/kite-'.bin2hex(random_bytes(4)).'.png';
        imagepng($image, $file);

        return $file;
    }
}
