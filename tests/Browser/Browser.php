<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\NoSuchFrameException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Assert;

/** A person at a browser: goes to addresses, reads, clicks on what can be read, types at labels. */
final class Browser
{
    private const PATIENCE_SECONDS = 10;

    private function __construct(
        public readonly RemoteWebDriver $driver,
        private readonly ChromeDevToolsDriver $devTools,
        private readonly string $profile,
    ) {}

    /** The same browser as somebody else's: a new window, without a cookie and without anything that was kept at a host. */
    public function anew(int $width, int $height, string ...$origins): self
    {
        $before = $this->windows();
        $this->driver->switchTo()->newWindow();
        $own = $this->driver->getWindowHandle();
        foreach ($before as $window) {
            $this->driver->switchTo()->window($window)->close();
        }
        $this->driver->switchTo()->window($own);
        $this->devTools->execute('Network.clearBrowserCookies');
        foreach ($origins as $origin) {
            $this->devTools->execute('Storage.clearDataForOrigin', ['origin' => $origin, 'storageTypes' => 'all']);
        }
        $this->complaints();
        $this->resize($width, $height);

        return $this;
    }

    /** @return list<string> */
    public function windows(): array
    {
        return array_values(array_filter($this->driver->getWindowHandles(), is_string(...)));
    }

    public static function open(string $chromeDriver, int $width = 1280, int $height = 800): self
    {
        $profile = sys_get_temp_dir().'/kite-browser-'.bin2hex(random_bytes(6));
        $options = new ChromeOptions;
        $options->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--disable-dev-shm-usage', '--hide-scrollbars', '--lang=en-IE', "--user-data-dir={$profile}",
        ]);
        $options->setExperimentalOption('prefs', ['profile.content_settings.exceptions.clipboard' => ['*' => ['setting' => 1]]]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $driver = RemoteWebDriver::create($chromeDriver, $capabilities, 20_000, 60_000);
        $browser = new self($driver, new ChromeDevToolsDriver($driver), $profile);
        $browser->resize($width, $height);

        return $browser;
    }

    public function close(): void
    {
        $this->driver->quit();
        exec('rm -rf '.escapeshellarg($this->profile));
    }

    /** The viewport, not the window with its frame. */
    public function resize(int $width, int $height): void
    {
        $this->devTools->execute('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false]);
    }

    /** @param  string  $address  at whose host it counts */
    public function keepCookie(string $address, string $name, string $value): self
    {
        $this->devTools->execute('Network.setCookie', ['url' => $address, 'name' => $name, 'value' => $value, 'httpOnly' => true, 'sameSite' => 'Lax']);

        return $this;
    }

    /** As from far away, until the window is closed. */
    public function waitForEachAnswer(int $milliseconds): void
    {
        $this->devTools->execute('Network.enable');
        $this->devTools->execute('Network.emulateNetworkConditions', ['offline' => false, 'latency' => $milliseconds, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    }

    /** A click of the mouse, in px from the upper left corner of what is seen. */
    public function clickAt(float $x, float $y): void
    {
        foreach (['mousePressed', 'mouseReleased'] as $type) {
            $this->devTools->execute('Input.dispatchMouseEvent', ['type' => $type, 'x' => $x, 'y' => $y, 'button' => 'left', 'clickCount' => 1]);
        }
    }

    /**
     * On every page that is opened from now on, before any script of its own.
     *
     * @return callable(): void ends it
     */
    public function runFirst(string $script): callable
    {
        $added = $this->devTools->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => $script]);

        return function () use ($added): void {
            $this->devTools->execute('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $added['identifier'] ?? '']);
        };
    }

    public function useDarkScheme(): void
    {
        $this->devTools->execute('Emulation.setEmulatedMedia', ['features' => [['name' => 'prefers-color-scheme', 'value' => 'dark']]]);
    }

    public function runWithoutScript(): void
    {
        $this->devTools->execute('Emulation.setScriptExecutionDisabled', ['value' => true]);
    }

    public function goTo(string $address): self
    {
        $this->driver->get($address);

        return $this;
    }

    public function address(): string
    {
        return $this->driver->getCurrentURL();
    }

    /** What can be read on the page, its white space folded. */
    public function text(): string
    {
        $text = $this->evaluate('return document.body.innerText');

        return trim((string) preg_replace('/\s+/u', ' ', is_string($text) ? $text : ''));
    }

    public function seeing(string $text): self
    {
        $this->until(fn (): bool => str_contains($this->text(), $text), "“{$text}” to be read");

        return $this;
    }

    public function notSeeing(string $text): self
    {
        $this->until(fn (): bool => ! str_contains($this->text(), $text), "“{$text}” to be gone");

        return $this;
    }

    public function seeingCount(string $selector, int $count): self
    {
        $this->until(fn (): bool => $this->count($selector) === $count, "{$count} of “{$selector}”");

        return $this;
    }

    public function arrivingAt(string $part): self
    {
        $this->until(fn (): bool => str_contains($this->address(), $part), "an address with “{$part}”");

        return $this;
    }

    /** Clicks a button or link by the words on it. */
    public function click(string $words): self
    {
        return $this->clickOn($this->byWords($words, isExactFirst: true), "something called “{$words}”");
    }

    /** Opens the parts of a form that are shut at first. */
    public function unfold(string ...$titles): self
    {
        foreach ($titles as $title) {
            $this->click("Change: {$title}");
        }

        return $this;
    }

    /** Presses a button and lets go of it a while later. */
    public function pressSlowly(string $words, float $seconds): self
    {
        $button = $this->found($this->byWords($words), "something called “{$words}”");
        $this->evaluate('arguments[0].scrollIntoView({block: "center"})', $button);
        $this->driver->action()->clickAndHold($button)->perform();
        usleep((int) ($seconds * 1_000_000));
        $this->driver->action()->release()->perform();

        return $this;
    }

    public function clickCss(string $css): self
    {
        return $this->clickOn(WebDriverBy::cssSelector($css), "“{$css}”");
    }

    /** Types into the field with this label; what stood there goes. */
    public function type(string $label, string $text): self
    {
        $field = $this->field($label);
        $this->clear($field);
        $field->sendKeys($text);

        return $this;
    }

    /** Types a name into the field that holds several, and keeps it there with Enter. */
    public function tag(string $label, string $name): self
    {
        $this->proposing($label)->sendKeys([$name]);
        $this->found(WebDriverBy::xpath('//*[@role="option" and .//bdi[.='.self::quoted($name).']]'), "“{$name}” to be offered");
        $this->press(WebDriverKeys::ENTER);

        return $this->seeing("{$name} ×");
    }

    /** The field so labelled that proposes names while one is typed, clicked into. */
    public function proposing(string $label): WebDriverElement
    {
        $field = $this->found(WebDriverBy::xpath('//label[normalize-space(.)='.self::quoted($label).']/..//input'), "a field that proposes, labelled “{$label}”");
        $this->evaluate('arguments[0].scrollIntoView({block: "center"})', $field);
        $field->click();

        return $field;
    }

    public function choose(string $label, string $value): self
    {
        $this->field($label)->findElement(WebDriverBy::cssSelector("option[value='{$value}']"))->click();

        return $this;
    }

    public function press(string ...$keys): self
    {
        $this->driver->switchTo()->activeElement()->sendKeys($keys);

        return $this;
    }

    public function clear(WebDriverElement $field): void
    {
        $this->evaluate('arguments[0].scrollIntoView({block: "center"})', $field);
        $field->click();
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys([WebDriverKeys::BACKSPACE]);
    }

    public function field(string $label): WebDriverElement
    {
        $quoted = self::quoted($label);
        $by = WebDriverBy::xpath("//*[(self::input or self::textarea or self::select) and (@aria-label={$quoted} or @id=//label[starts-with(normalize-space(.), {$quoted})]/@for)]");

        return $this->found($by, "a field labelled “{$label}”");
    }

    public function css(string $selector): WebDriverElement
    {
        return $this->found(WebDriverBy::cssSelector($selector), "“{$selector}”");
    }

    public function count(string $selector): int
    {
        return count($this->driver->findElements(WebDriverBy::cssSelector($selector)));
    }

    public function evaluate(string $script, mixed ...$arguments): mixed
    {
        return $this->driver->executeScript($script, $arguments);
    }

    /** @return list<string> what the pages complained of in the console since it was last asked */
    public function complaints(): array
    {
        $complaints = [];
        /** @var list<array{level: string, message: string}> $log */
        $log = $this->driver->manage()->getLog('browser');
        foreach ($log as $entry) {
            if (in_array($entry['level'], ['SEVERE', 'WARNING'], true)) {
                $complaints[] = "{$entry['level']}: {$entry['message']}";
            }
        }

        return $complaints;
    }

    public function picture(string $file): void
    {
        $this->driver->takeScreenshot($file);
    }

    /** @param  callable(): bool  $isSo */
    public function until(callable $isSo, string $what): void
    {
        try {
            $this->driver->wait(self::PATIENCE_SECONDS, 60)->until(static function () use ($isSo): bool {
                try {
                    return $isSo();
                } catch (NoSuchElementException|NoSuchFrameException|StaleElementReferenceException) {
                    return false;
                }
            });
            // What was waited for is an assertion that held.
            Assert::assertThat(true, Assert::isTrue());
        } catch (TimeoutException) {
            Assert::fail("Waited in vain for {$what} at {$this->address()}; there is:\n{$this->text()}");
        }
    }

    private function byWords(string $words, bool $isExactFirst = false): WebDriverBy
    {
        $quoted = self::quoted($words);
        $acts = "(self::a or self::button or self::label or self::summary or @role='button' or @role='option' or @role='radio' or @role='menuitem' or @role='switch') and not(@tabindex='-1' and @aria-hidden='true')";
        $named = "//*[{$acts} and (starts-with(normalize-space(.), {$quoted}) or @aria-label={$quoted})]";
        // Of two whose words begin alike, the one that says nothing more is meant.
        $exact = "//*[{$acts} and normalize-space(.) = {$quoted}]";

        return WebDriverBy::xpath($isExactFirst ? "{$exact} | {$named}[not({$exact})]" : $named);
    }

    private function clickOn(WebDriverBy $by, string $what): self
    {
        $this->until(function () use ($by): bool {
            // What a page is about to put in another place is not where it seems to be.
            if ($this->count('form[aria-busy="true"]') > 0) {
                return false;
            }
            foreach ($this->driver->findElements($by) as $element) {
                if ($element->isDisplayed() && $element->isEnabled()) {
                    $this->evaluate('arguments[0].scrollIntoView({block: "center"})', $element);
                    $element->click();

                    return true;
                }
            }

            return false;
        }, $what);

        return $this;
    }

    private function found(WebDriverBy $by, string $what): WebDriverElement
    {
        $this->until(fn (): bool => $this->driver->findElement($by)->isDisplayed(), $what);

        return $this->driver->findElement($by);
    }

    private static function quoted(string $text): string
    {
        return str_contains($text, "'") ? "\"{$text}\"" : "'{$text}'";
    }
}
