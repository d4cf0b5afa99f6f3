<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Assert;

/**
 * A person at a browser whose acts are counted: a click, a field that is filled in, a choice made, a key that acts. To
 * look around, by Tab or by scrolling, is none.
 */
final class CountedHand
{
    private const FARTHEST_TABS = 120;

    public int $acts = 0;

    private function __construct(
        private readonly Browser $browser,
        private readonly bool $hasMouse,
    ) {}

    public static function mouse(Browser $browser): self
    {
        return new self($browser, true);
    }

    public static function keyboard(Browser $browser): self
    {
        return new self($browser, false);
    }

    /** A button or link by the words on it. */
    public function press(string $words): self
    {
        $this->acts++;
        if ($this->hasMouse) {
            $this->browser->click($words);

            return $this;
        }
        $this->browser->seeing($words);
        $this->tabTo($words);
        $this->browser->press(WebDriverKeys::ENTER);

        return $this;
    }

    public function fill(string $label, string ...$keys): self
    {
        $this->acts++;
        if ($this->hasMouse) {
            $this->browser->clear($this->browser->field($label));
        } else {
            $this->browser->field($label);
            $this->tabTo($label);
            $this->browser->press(WebDriverKeys::CONTROL, 'a');
        }
        $this->browser->press(...$keys);

        return $this;
    }

    /** A choice of a list that opens: by keyboard it is found by what is typed. */
    public function choose(string $label, string $choice): self
    {
        $this->acts++;
        if ($this->hasMouse) {
            $this->browser->driver->findElement(WebDriverBy::xpath("//label[normalize-space(.)='{$label}']/..//button"))->click();
            $this->browser->click($choice);
        } else {
            $this->tabTo($label);
            $this->browser->press(WebDriverKeys::ENTER)->seeing($choice)->press(...mb_str_split($choice))->press(WebDriverKeys::ENTER);
        }

        return $this;
    }

    private function tabTo(string $words): void
    {
        for ($tabs = 0; $tabs <= self::FARTHEST_TABS; $tabs++) {
            if ($this->isAt($words)) {
                return;
            }
            $this->browser->press(WebDriverKeys::TAB);
        }
        Assert::fail("Tab never comes to “{$words}” at {$this->browser->address()}; there is:\n{$this->browser->text()}");
    }

    private function isAt(string $words): bool
    {
        $named = $this->browser->evaluate(<<<'JS'
            const at = document.activeElement;
            const labelledBy = document.getElementById(at.getAttribute('aria-labelledby')?.split(' ')[0]);
            const label = at.labels?.[0]?.innerText ?? at.getAttribute('aria-label') ?? labelledBy?.innerText ?? (at.matches('a, button') ? at.innerText : '');
            return label.replace(/\s+/g, ' ').trim();
            JS);

        return is_string($named) && str_starts_with($named, $words);
    }
}
