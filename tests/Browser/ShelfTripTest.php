<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\DisplayPlacement;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PHPUnit\Framework\Attributes\DataProvider;

/** A shelf from the first product picked to the order paid, on a page of somebody's. */
final class ShelfTripTest extends BrowserTestCase
{
    #[DataProvider('widths')]
    public function test_a_shelf_is_picked_placed_and_sells_to_the_end(int $width): void
    {
        foreach (['Heather honey', 'Tall candle'] as $name) {
            $this->product($this->shop, ['name' => $name, 'stock' => 9]);
        }
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'name' => 'Beeswax wrap', 'description' => '<p>Keeps a loaf for a week.</p>', 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large')])]]);
        foreach (['Small' => 5, 'Large' => 8] as $name => $stock) {
            $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => $stock, 'sku' => "wrap-{$name}", 'choices' => [$name], 'choices_digest' => hash('sha256', $name), 'stock' => $stock]);
        }
        $browser = $this->signedIn($width)->goTo($this->consoleAddress("/{$this->shop->slug}/offers/shelves"))->seeing('Several products, or a whole category')->click('New shelf')->type('Name of the shelf', 'From the hive');
        foreach (['Heather honey', 'Beeswax wrap', 'Tall candle'] as $index => $typed) {
            $browser->type('Find a product', $typed)->until(static fn (): bool => str_starts_with($browser->css('[role=option]')->getText(), $typed), $typed);
            $browser->clickCss('[role=option]')->seeingCount('[data-on-shelf]', $index + 1);
        }
        $browser->until(static fn (): bool => $browser->evaluate('return [...document.querySelectorAll("[role=group] *")].some((each) => each.shadowRoot?.textContent.includes("Beeswax wrap"))') === true, 'the shelf in the proof');
        $browser->click('Save')->type('Name of the new place', 'a recipe')->click('Place it')->seeing('0 clicks');
        $this->assertAccessible($browser, 'a shelf and its places');
        self::assertLessThanOrEqual($width, $browser->evaluate('return document.documentElement.scrollWidth'));

        $url = DisplayPlacement::query()->where('shop_id', $this->shop->id)->firstOrFail()->link($this->shop)->url();
        $browser->goTo($this->standinAddress('blog', '/board'))->evaluate('document.querySelector("textarea").value = arguments[0]', "<h1>A recipe</h1><paper-kite><a href=\"{$url}\">From the hive</a></paper-kite><script async src=\"{$this->shop->base()}/embed/kite.js\"></script>");
        $browser->click('Pin it and look')->arrivingAt('/board/');
        $widget = new WidgetOnPage($browser);
        $over = new WidgetOver($browser);
        $widget->seeing('From the hive')->seeing('Tall candle')->seeing('€9.80');
        $this->assertAccessible($browser, 'a shelf on a page of somebody’s');
        self::assertLessThanOrEqual($width, $browser->evaluate('return document.documentElement.scrollWidth'));
        $widget->click('li:nth-child(3) .button');
        $over->seeing('Tall candle')->seeing('Total');
        $over->click('.close')->closed();
        // All about it first, and which: the picture tells it, and so does the button.
        $widget->click('li:nth-child(2) .button');
        $over->seeing('Keeps a loaf for a week.')->click('select');
        $browser->driver->getKeyboard()->sendKeys('L');
        $over->type('input[name=quantity]', '2')->click('.button');
        $over->seeing('Your cart')->seeing('Size: Large')->seeing('€33.30')->click('.wide');
        $browser->arrivingAt('/checkout/')->seeing('Tall candle')->seeing('Beeswax wrap');
        $this->pays($browser)->seeing('Your order 1001 is made.')->seeing('Beeswax wrap');
    }

    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'a desk' => [1280];
        yield 'a phone' => [390];
    }

    public function test_a_category_turns_its_pages_and_what_is_sold_out_says_so(): void
    {
        $category = $this->shop->categories()->create(['name' => 'Pantry']);
        for ($i = 1; $i <= 13; $i++) {
            $this->product($this->shop, ['name' => sprintf('Jar %02d', $i), 'stock' => $i === 2 ? 0 : 5])->categories()->attach($category->id, ['shop_id' => $this->shop->id]);
        }
        $display = $this->display($this->shop);
        $display->shelf?->update(['category_id' => $category->id]);
        $browser = $this->browser();
        $browser->goTo($this->standinAddress('blog', '/board'))->evaluate('document.querySelector("textarea").value = arguments[0]', "<paper-kite><a href=\"{$display->link($this->shop)->url()}\">The pantry</a></paper-kite><script async src=\"{$this->shop->base()}/embed/kite.js\"></script>");
        $browser->click('Pin it and look')->arrivingAt('/board/');
        $widget = new WidgetOnPage($browser);
        $widget->seeing('Jar 12')->seeing('Sold out')->seeing('Page 1 of 2')->notSeeing('Jar 13');
        $widget->click('.pager button:last-child')->seeing('Jar 13')->seeing('Page 2 of 2')->notSeeing('Jar 12');
        self::assertSame('Page 2 of 2', $browser->evaluate('return document.querySelector("paper-kite").shadowRoot.activeElement?.textContent'));
        $widget->click('.pager button')->seeing('Jar 12');
    }
}
