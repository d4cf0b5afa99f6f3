<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\NoSuchShadowRootException;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\Assert;

/** A widget on a page of somebody else's, as its shopper sees and uses it. */
final readonly class WidgetOnPage
{
    /** @param  int  $number  among those of the page, from 0 */
    public function __construct(
        private Browser $browser,
        private int $number = 0,
    ) {}

    public function seeing(string $text): self
    {
        $this->browser->until(fn (): bool => str_contains($this->text(), $text), "“{$text}” in widget {$this->number}, which says: {$this->text()}");

        return $this;
    }

    public function notSeeing(string $text): self
    {
        $this->browser->until(fn (): bool => ! str_contains($this->text(), $text), "“{$text}” to go from widget {$this->number}");

        return $this;
    }

    /** What can be read in it. */
    public function text(): string
    {
        $text = $this->ask('return box ? box.innerText : host.innerText');

        return is_string($text) ? (string) preg_replace('/\s+/u', ' ', $text) : '';
    }

    /** A click with the mouse in the middle of what is found: in a shadow root the driver itself finds nothing to click on. */
    public function click(string $selector): self
    {
        $this->browser->until(fn (): bool => $this->ask("return box?.querySelector({$this->quoted($selector)}) !== null && box !== null") === true, "“{$selector}” in widget {$this->number}");
        $at = $this->ask("const it = box.querySelector({$this->quoted($selector)}); it.scrollIntoView({ block: 'center' }); const { x, y, width, height } = it.getBoundingClientRect(); return [x + width / 2, y + height / 2]");
        if (! is_array($at) || ! is_numeric($at[0]) || ! is_numeric($at[1])) {
            Assert::fail("“{$selector}” stands nowhere.");
        }
        $this->browser->clickAt((float) $at[0], (float) $at[1]);

        return $this;
    }

    public function press(): self
    {
        return $this->click('.button, .image');
    }

    public function follow(string $words): self
    {
        $this->seeing($words);
        $position = $this->ask("return [...box.querySelectorAll('.status a')].findIndex((link) => link.textContent === {$this->quoted($words)})");

        return $this->click('.status a:nth-of-type('.((is_int($position) ? $position : 0) + 1).')');
    }

    /** @param  non-empty-string  $choice */
    public function choose(string $label, string $choice): self
    {
        $this->field($label)->sendKeys($choice);
        Assert::assertStringStartsWith($choice, $this->valueOf($label));

        return $this;
    }

    public function type(string $label, string $text): self
    {
        $field = $this->field($label);
        $field->clear();
        $field->sendKeys($text);

        return $this;
    }

    public function attribute(string $selector, string $name): ?string
    {
        $value = $this->ask("return box?.querySelector({$this->quoted($selector)})?.getAttribute({$this->quoted($name)}) ?? null");

        return is_string($value) ? $value : null;
    }

    private function valueOf(string $label): string
    {
        $value = $this->field($label)->getAttribute('value');

        return is_string($value) ? $value : '';
    }

    private function field(string $label): RemoteWebElement
    {
        $found = null;
        $this->browser->until(function () use ($label, &$found): bool {
            try {
                foreach ($this->element()->getShadowRoot()->findElements(WebDriverBy::cssSelector('label')) as $each) {
                    if (str_starts_with(trim($each->getText()), $label)) {
                        $found = $each->findElement(WebDriverBy::cssSelector('select, input'));
                    }
                }
            } catch (NoSuchElementException|NoSuchShadowRootException) {
                return false;
            }

            return $found !== null;
        }, "a field “{$label}” in widget {$this->number}");

        return $found instanceof RemoteWebElement ? $found : Assert::fail("There is no field “{$label}”.");
    }

    private function element(): RemoteWebElement
    {
        $element = $this->browser->driver->findElements(WebDriverBy::cssSelector('paper-kite'))[$this->number] ?? null;

        return $element instanceof RemoteWebElement ? $element : Assert::fail("There is no widget {$this->number}.");
    }

    private function ask(string $script): mixed
    {
        return $this->browser->evaluate("const host = document.querySelectorAll('paper-kite')[{$this->number}]; const box = host?.shadowRoot?.querySelector('.kite') ?? null; if (!host) return null; {$script}");
    }

    private function quoted(string $text): string
    {
        return json_encode($text, JSON_THROW_ON_ERROR);
    }
}
