<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\NoSuchFrameException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Assert;

/** A person at a browser: goes to addresses, reads, clicks on what can be read, types at labels. */
final class Browser
{
    private const PATIENCE_SECONDS = 10;

    /** @see https://www.w3.org/TR/webdriver2/#elements what an element is called in what a script returns */
    private const ELEMENT = 'element-6066-11e4-a52e-4f735466cecf';

    /** What empties the field that is typed into. */
    private const CLEARED = [[WebDriverKeys::CONTROL, 'a'], WebDriverKeys::BACKSPACE];

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
        // As long as the window is open.
        $this->devTools->execute('Browser.grantPermissions', ['permissions' => ['clipboardReadWrite', 'clipboardSanitizedWrite']]);
        $this->devTools->execute('Browser.setDownloadBehavior', ['behavior' => 'allow', 'downloadPath' => $this->profile]);
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
            '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--disable-dev-shm-usage', '--hide-scrollbars', '--lang=en-IE', "--user-data-dir={$profile}",
        ]);
        // The browser without its own windows and menus: it draws the same pages for three quarters of the work.
        $options->setBinary(dirname(__DIR__, 2).'/bin/lib/browser.sh');
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

    /** Loads a page until it says so: a shop's page is up to two seconds old for who has no cookie, and a message arrives in the outbox a moment after it was written. */
    public function loading(string $address, string $text): self
    {
        $this->until(fn (): bool => $this->goTo($address)->reads($text), "“{$text}” to be read once it is loaded anew");

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
        $this->until(fn (): bool => $this->reads($text), "“{$text}” to be read");

        return $this;
    }

    public function notSeeing(string $text): self
    {
        $this->until(fn (): bool => ! $this->reads($text), "“{$text}” to be gone");

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
        return $this->act(self::labelled($label), "a field labelled “{$label}”", 'const ready = isShown', static function (WebDriverElement $field) use ($text): void {
            $field->click();
            $field->sendKeys([...self::CLEARED, $text]);
        });
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
        $field->sendKeys(self::CLEARED);
    }

    public function field(string $label): WebDriverElement
    {
        return $this->found(self::labelled($label), "a field labelled “{$label}”");
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
                } catch (NoSuchElementException|NoSuchFrameException|StaleElementReferenceException|ElementClickInterceptedException) {
                    // What was about to be clicked has moved, or was made anew.
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

    private static function labelled(string $label): WebDriverBy
    {
        $quoted = self::quoted($label);

        return WebDriverBy::xpath("//*[(self::input or self::textarea or self::select) and (@aria-label={$quoted} or @id=//label[starts-with(normalize-space(.), {$quoted})]/@for)]");
    }

    private function clickOn(WebDriverBy $by, string $what): self
    {
        // What a page is about to put in another place is not where it seems to be.
        return $this->act($by, $what, 'if (document.querySelector(\'form[aria-busy="true"]\')) return null; const ready = (e) => isShown(e) && !e.matches(":disabled")', static function (WebDriverElement $element): void {
            $element->click();
        });
    }

    private function found(WebDriverBy $by, string $what): WebDriverElement
    {
        $found = null;
        $this->act($by, $what, 'const ready = isShown', static function (WebDriverElement $element) use (&$found): void {
            $found = $element;
        });
        assert($found instanceof WebDriverElement);

        return $found;
    }

    /**
     * Waits for the first element that is ready, and does something with it in the middle of the window. One script looks for it, since each
     * question to the browser costs as much as its answer.
     *
     * @param  string  $ready  JavaScript that says of which element `ready` is true
     * @param  callable(WebDriverElement): void  $does
     */
    private function act(WebDriverBy $by, string $what, string $ready, callable $does): self
    {
        $script = 'const isShown = (e) => e.checkVisibility({ opacityProperty: true, visibilityProperty: true }) && e.getClientRects().length > 0;'.$ready.';'
            .($by->getMechanism() === 'xpath'
                ? 'const all = document.evaluate(arguments[0], document, null, XPathResult.ORDERED_NODE_SNAPSHOT_TYPE, null); const found = Array.from({ length: all.snapshotLength }, (_, at) => all.snapshotItem(at)).find(ready);'
                : 'const found = Array.from(document.querySelectorAll(arguments[0])).find(ready);')
            .'found?.scrollIntoView({ block: "center" }); return found ?? null;';
        $this->until(function () use ($script, $by, $does): bool {
            $found = $this->evaluate($script, $by->getValue());
            $id = is_array($found) ? $found[self::ELEMENT] ?? null : null;
            if (! is_string($id)) {
                return false;
            }
            $does(new RemoteWebElement(new RemoteExecuteMethod($this->driver), $id, true));

            return true;
        }, $what);

        return $this;
    }

    private function reads(string $text): bool
    {
        return $this->evaluate('return (document.body?.innerText ?? "").replace(/\s+/gu, " ").includes(arguments[0])', $text) === true;
    }

    private static function quoted(string $text): string
    {
        return str_contains($text, "'") ? "\"{$text}\"" : "'{$text}'";
    }
}
