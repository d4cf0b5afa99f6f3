<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\EmptyInstallation;

/** From an installation without people to a button that sells, on somebody else's page: by mouse, and by keyboard alone. */
final class FirstButtonTest extends BrowserTestCase
{
    private const MOST_ACTS = 14;

    #[DataProvider('hands')]
    public function test_fourteen_acts_lie_between_the_set_up_page_and_a_button_that_sells(bool $hasMouse): void
    {
        $there = EmptyInstallation::start('paper_kite_first_button');
        try {
            $this->walk($there, $hasMouse);
        } finally {
            $there->stop();
        }
    }

    /** @return iterable<string, array{bool}> */
    public static function hands(): iterable
    {
        yield 'by mouse' => [true];
        yield 'by keyboard alone' => [false];
    }

    private function walk(EmptyInstallation $there, bool $hasMouse): void
    {
        $browser = $this->browser();
        $hand = $hasMouse ? CountedHand::mouse($browser) : CountedHand::keyboard($browser);
        $console = "http://seller.localhost:{$there->port}";

        $browser->goTo($console)->seeing('Set up Paper Kite');
        $hand->fill('Set-up word', $there->word())->fill('Name', 'Ivo Fernsby')->fill('E-mail', 'ivo@fern.example')->fill('Password', 'paper lanterns at dusk')
            ->fill('Name of the shop', 'Fern & Fold')->fill('Web address of the shop', 'fern.localhost')->choose('Country', 'Germany')->choose('Currency', 'Euro (EUR)')->press('Set up');
        $browser->seeing('When someone clicks a button of yours');

        $begun = hrtime(true);
        $hand->acts = 0;
        $hand->press('Add your first product')->fill('Name', 'Folded paper lantern')->fill('Price', '19,90');
        $browser->seeing('Shoppers see €19.90.');
        $hand->press('Save');
        $browser->seeing('Make a button for it');
        self::assertSame('Make a button for it', $this->focused($browser));
        $hand->press('Make a button for it')
            ->fill('Your account at the payment provider', 'fern-fold')->press('Pay this account');
        $browser->notSeeing('Pay this account');
        // The work goes on at the next thing that is missing.
        $this->untilFocused($browser, 'Shipping to Germany, EUR');
        $hand->fill('Shipping to Germany, EUR', '4,90')->press('Ship for this');
        $browser->notSeeing('Ship for this');
        $hand->fill('Tax “standard” in Germany, percent', '19')->press('Tax it so');
        $browser->notSeeing('Tax it so');
        $this->untilFocused($browser, 'Publish and copy');
        $hand->press('Publish and copy');
        $browser->seeing('Published and copied');
        $this->untilFocused($browser, 'Where does it go?');
        $browser->goTo($this->standinAddress('blog', '/board'));
        $hand->fill('HTML', WebDriverKeys::CONTROL, 'v')->press('Pin it and look');
        $browser->arrivingAt('/board/');
        $seconds = (hrtime(true) - $begun) / 1_000_000_000;

        $browser->click('Buy now')->arrivingAt("fern.localhost:{$there->port}/checkout/")->seeing('Pay €24.80');
        fwrite(STDERR, sprintf("\nFirst button %s: %d acts, %.1f s of a script that never stops to think.\n", $hasMouse ? 'by mouse' : 'by keyboard', $hand->acts, $seconds));
        self::assertLessThanOrEqual(self::MOST_ACTS, $hand->acts);
    }

    private function untilFocused(Browser $browser, string $name): void
    {
        $browser->until(fn (): bool => $this->focused($browser) === $name, "the work to go on at “{$name}”");
    }

    private function focused(Browser $browser): mixed
    {
        return $browser->evaluate('const at = document.activeElement; return (at.labels?.[0] ?? at).textContent.trim()');
    }
}
