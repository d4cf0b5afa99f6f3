<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Message;
use App\Models\MessageKind;
use Facebook\WebDriver\WebDriverBy;
use Illuminate\Support\Facades\DB;

/** A seller says a page and a mail in words of their own, sees both before they are saved, and a shopper reads them. */
final class WordsTripTest extends BrowserTestCase
{
    public function test_a_page_and_a_mail_are_changed_looked_at_and_read(): void
    {
        $this->product($this->shop, ['sku' => 'honey', 'name' => 'Heather honey', 'price_minor' => 980]);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/shop/words"))->seeing('Thank-you page')
            ->type('Find by what it says', 'your cart')->notSeeing('In every mail')->type('Your cart', 'Ihr Korb')->seeing('Changed, not saved yet.')
            ->type('Find by what it says', 'thank you for your order')->type('thank you for your order {number} at {shop}.', 'danke für {nummer}.')->click('Mail: order made')->click('Save')->seeing('{nummer}');
        self::assertSame(0, DB::table('shop_phrases')->where('shop_id', $this->shop->id)->count());

        $browser->type('thank you for your order {number} at {shop}.', 'danke für Ihre Bestellung {number}.');
        $this->seeingInPreview($browser, 'danke für Ihre Bestellung 1042.');
        $browser->click('Save')->seeing('Saved.');
        $this->assertAccessible($browser, 'the words');

        $browser->goTo("{$this->shop->base()}/p/honey")->click('Add to cart')->arrivingAt('/cart')->seeing('Ihr Korb')->click('Go to the checkout')
            ->type('E-mail', 'ada@letters.example')->type('Name', 'Ada')->type('Street', '1 Row')->type('Town', 'Tarn')->choose('Country', 'IE')->click('Pay €13.70')->arrivingAt('pay.localhost')->click('Authorise')->arrivingAt('/thanks/')->seeing('Thank you');
        self::assertStringContainsString('danke für Ihre Bestellung 1001.', Message::query()->where(['shop_id' => $this->shop->id, 'kind' => MessageKind::Confirmation])->sole()->text);
    }

    private function seeingInPreview(Browser $browser, string $text): void
    {
        $browser->until(static function () use ($browser, $text): bool {
            $frame = $browser->driver->findElement(WebDriverBy::cssSelector('iframe'));
            $browser->driver->switchTo()->frame($frame);
            try {
                return str_contains($browser->text(), $text);
            } finally {
                $browser->driver->switchTo()->defaultContent();
            }
        }, "“{$text}” in the preview");
    }
}
