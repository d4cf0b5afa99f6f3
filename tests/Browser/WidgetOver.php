<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Assert;

/** What a widget has opened over its page: mini cart, pop-over, gallery. */
final readonly class WidgetOver
{
    public function __construct(private Browser $browser) {}

    public function seeing(string $text): self
    {
        $this->browser->until(fn (): bool => str_contains($this->text(), $text), "“{$text}” over the page, where there is: {$this->text()}");

        return $this;
    }

    public function notSeeing(string $text): self
    {
        $this->browser->until(fn (): bool => ! str_contains($this->text(), $text), "“{$text}” to go from over the page");

        return $this;
    }

    public function closed(): self
    {
        $this->browser->until(fn (): bool => $this->ask('return dialog === null') === true, 'nothing to be open over the page');

        return $this;
    }

    public function text(): string
    {
        $text = $this->ask('return dialog?.innerText ?? ""');

        return is_string($text) ? (string) preg_replace('/\s+/u', ' ', $text) : '';
    }

    public function click(string $selector): self
    {
        $quoted = json_encode($selector, JSON_THROW_ON_ERROR);
        $this->browser->until(fn (): bool => $this->ask("return dialog?.querySelector({$quoted}) ? true : false") === true, "“{$selector}” over the page");
        // What slides in stands still before it is clicked.
        usleep(250_000);
        $at = $this->ask("const it = dialog.querySelector({$quoted}); it.scrollIntoView({ block: 'center' }); const { x, y, width, height } = it.getBoundingClientRect(); return [x + width / 2, y + height / 2]");
        if (! is_array($at) || ! is_numeric($at[0]) || ! is_numeric($at[1])) {
            Assert::fail("“{$selector}” stands nowhere.");
        }
        $this->browser->clickAt((float) $at[0], (float) $at[1]);

        return $this;
    }

    /** Types into the field that is found, in place of what stands there, and leaves it. */
    public function type(string $selector, string $text): self
    {
        $this->click($selector);
        $this->ask('dialog.getRootNode().activeElement.select()');
        $this->browser->driver->getKeyboard()->sendKeys($text);

        return $this;
    }

    /** What has the focus, as it is read. */
    public function focused(): string
    {
        $text = $this->ask('const it = dialog?.getRootNode().activeElement; return it ? it.getAttribute("aria-label") ?? it.textContent : ""');

        return is_string($text) ? $text : '';
    }

    public function ask(string $script): mixed
    {
        return $this->browser->evaluate("const dialog = [...document.querySelectorAll('paper-kite')].map((each) => each.shadowRoot?.querySelectorAll('dialog[open]')).flatMap((all) => [...(all ?? [])]).at(-1) ?? null; {$script}");
    }
}
