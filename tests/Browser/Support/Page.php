<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\JavascriptErrorException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;

/**
 * One browser window on the application, driven as a person would.
 */
final class Page
{
    /** In which a list of a select comes up. */
    private const SOON_S = 4.0;

    private const MOST_TRIES = 5;

    /** A page that shows nothing for so long is loaded once more when somebody signs in, as they would load it. */
    private const BLANK_MOST_S = 60.0;

    /** Words are asked for with plain spaces, whatever space stands before a unit. */
    private const SHOWS = 'return document.body.innerText.replaceAll("\u00a0", " ").includes(arguments[0]) === arguments[1];';

    private readonly ChromeDevToolsDriver $tools;

    private function __construct(public readonly RemoteWebDriver $driver, private readonly string $base)
    {
        $this->tools = new ChromeDevToolsDriver($driver);
    }

    /** A window of this size on a clean page; who signed in in it before still is. */
    public static function open(string $base, int $width, int $height, ?RemoteWebDriver $in = null): self
    {
        $page = new self($in ?? Driver::running()->browser, $base);
        $page->tools->execute(
            'Emulation.setDeviceMetricsOverride',
            ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 500],
        );
        $page->consoleErrors();

        return $page;
    }

    public function close(): void
    {
        $this->offline(false);
        $this->driver->get('about:blank');
    }

    /** Forgets who is signed in. */
    public function forget(): self
    {
        $this->tools->execute('Network.clearBrowserCookies');
        $this->tools->execute('Storage.clearDataForOrigin', ['origin' => $this->base, 'storageTypes' => 'local_storage,indexeddb']);

        return $this;
    }

    public function visit(string $path): self
    {
        $this->driver->get($this->base.$path);

        return $this;
    }

    /** Goes on within the application, as by a link; much cheaper than loading it anew. */
    public function go(string $path): self
    {
        $this->driver->executeScript(<<<'JS'
            const page = document.querySelector('main > *');
            if (page && location.pathname !== arguments[0]) page.dataset.left = '';
            history.pushState(null, '', arguments[0]);
            dispatchEvent(new PopStateEvent('popstate', { state: null }));
            JS, [$path]);
        Wait::until(
            fn (): mixed => $this->watched('return document.querySelector("[data-left]") === null'),
            "The page does not go on to $path.",
        );

        return $this;
    }

    public function signIn(string $email = 'coach@hollowbrook.example', string $password = 'chalk-and-rope'): self
    {
        $opens = fn (float $atMostS): mixed => Wait::until(
            fn (): bool => str_contains($this->text(), 'Kit') || str_contains($this->text(), 'Sign in'),
            fn (): string => 'Neither the sign-in nor the roster is to be seen. '.$this->whatThereIs(),
            $atMostS,
        );
        $this->visit('/people');
        try {
            $opens(self::BLANK_MOST_S);
        } catch (\RuntimeException $blank) {
            fwrite(STDERR, "A page stayed blank and was loaded again. {$blank->getMessage()}\n"); // why is not known; it is said where it is seen
            $this->visit('/people');
            $opens(Wait::MOST_S);
        }
        if (! str_contains($this->text(), 'Kit')) {
            $this->fill('Email', $email)->fill('Password', $password)->press('Sign in')->see('Kit');
        }

        return $this;
    }

    /** Waits until the text is shown. */
    public function see(string $text): self
    {
        Wait::until(
            fn (): mixed => $this->watched(self::SHOWS, $text, true),
            fn (): string => "\"$text\" is not to be seen. ".$this->whatThereIs(),
        );

        return $this;
    }

    public function dontSee(string $text): self
    {
        Wait::until(
            fn (): mixed => $this->watched(self::SHOWS, $text, false),
            fn (): string => "\"$text\" is still to be seen. ".$this->whatThereIs(),
        );

        return $this;
    }

    /** Writes into the field of a label; what was there goes first. */
    public function fill(string $label, string $value): self
    {
        $this->onSight(self::field($label), $label, <<<'JS'
            element.focus();
            element.select();
            return document.execCommand(more === '' ? 'delete' : 'insertText', false, more) || element.value === more;
            JS, $value);

        return $this;
    }

    public function valueOf(string $label): string
    {
        return (string) $this->onSight(self::field($label), $label, 'return element.value;');
    }

    /** Clicks the first button or link shown with this name, once it can be clicked. */
    public function press(string $name, string $within = ''): self
    {
        $quoted = self::quote($name);
        $control = "self::button or self::a or self::summary or @role='button' or @role='radio'";
        $this->click(WebDriverBy::xpath("$within//*[$control][not(@disabled)][normalize-space(.)=$quoted or @aria-label=$quoted]"), $name);

        return $this;
    }

    public function click(WebDriverBy $by, string $name = '', float $atMostS = Wait::MOST_S): self
    {
        $this->retry(function () use ($by, $name, $atMostS): void {
            $at = $this->onSight($by, $name, <<<'JS'
                const stood = () => { // what slides in or is pushed on by what comes is waited for
                    const now = element.getClientRects()[0];
                    if (!now || now.x !== x || now.y !== y || !element.contains(document.elementFromPoint(at.x, at.y))) return null;
                    window.clickMissed = true;
                    element.addEventListener('click', () => (window.clickMissed = false), { once: true, capture: true });
                    return at;
                };
                return new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(() => done(stood()))));
                JS, atMostS: $atMostS);
            foreach ([['mouseMoved', 'none'], ['mousePressed', 'left'], ['mouseReleased', 'left']] as [$type, $button]) {
                $this->tools->execute(
                    'Input.dispatchMouseEvent',
                    [...$at, 'type' => $type, 'button' => $button, 'clickCount' => $button === 'left' ? 1 : 0],
                );
            }
            if ($this->driver->executeScript('return window.clickMissed') === true) {
                throw new ElementClickInterceptedException("\"$name\" moved away under the pointer.");
            }
        });

        return $this;
    }

    /** Picks an option of the select with this label. */
    public function choose(string $label, string $option, string $within = ''): self
    {
        $quoted = self::quote($label);
        $select = WebDriverBy::xpath("$within//*[contains(@class,'n-base-selection')][ancestor-or-self::*[@aria-label=$quoted]]");
        $wanted = WebDriverBy::xpath("//*[contains(@class,'n-base-select-option')][contains(normalize-space(.),".self::quote($option).')]');
        for ($try = 1; ; $try++) {
            $this->click($select, $label);
            try {
                return $this->click($wanted, $option, self::SOON_S);
            } catch (\RuntimeException $error) { // the list was still sliding in or out
                if ($try === self::MOST_TRIES) {
                    throw $error;
                }
            }
        }
    }

    /** Picks what the menu behind More offers. */
    public function more(string $option): self
    {
        $wanted = "//*[contains(@class,'n-dropdown-option-body__label')][normalize-space(.)=".self::quote($option).']';

        return $this->press('More')->click(WebDriverBy::xpath($wanted), $option);
    }

    public function key(string $keys): self
    {
        return $this->keyAt('body', $keys);
    }

    /** Types on what a selector finds, as somebody who came there by Tab. */
    public function keyAt(string $css, string $keys): self
    {
        $this->retry(function () use ($css, $keys): void {
            $this->driver->executeScript('document.activeElement?.blur(); document.querySelector(arguments[0]).focus()', [$css]);
            $this->driver->getKeyboard()->sendKeys($keys);
        });

        return $this;
    }

    /** Types wherever the focus stands. */
    public function type(string $keys): self
    {
        $this->retry(fn (): mixed => $this->driver->getKeyboard()->sendKeys($keys));

        return $this;
    }

    public function text(): string
    {
        return (string) $this->driver->executeScript('return document.body.innerText');
    }

    public function script(string $code): mixed
    {
        return $this->driver->executeScript($code);
    }

    /**
     * What the page fetches of the API, as the coach who is signed in.
     *
     * @return array<mixed>
     */
    public function fetched(string $path): array
    {
        return (array) $this->driver->executeScript("return fetch('/api/v1/$path').then((r) => r.json())");
    }

    /**
     * A server on a busy machine may say so (503) and is asked again by the page: no fault of either.
     *
     * @return list<string> errors the browser logged since last asked
     */
    public function consoleErrors(): array
    {
        $severe = array_filter(
            $this->driver->manage()->getLog('browser'),
            static fn (array $entry): bool => in_array($entry['level'], ['SEVERE', 'WARNING'], true)
                && ! str_contains($entry['message'], 'status of 503'),
        );

        return array_values(array_map(static fn (array $entry): string => $entry['message'], $severe));
    }

    /** @return list<string> serious and critical violations that axe-core finds on the page as it is */
    public function accessibilityViolations(): array
    {
        if ($this->driver->executeScript('return typeof axe') === 'undefined') {
            $this->driver->executeScript((string) file_get_contents(dirname(__DIR__, 3).'/node_modules/axe-core/axe.min.js'));
        }
        $result = $this->driver->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            axe.run(document, { resultTypes: ['violations'] }).then((r) => done(r.violations
                .filter((v) => ['serious', 'critical'].includes(v.impact))
                .map((v) => v.id + ': ' + v.nodes.map((n) => n.html.slice(0, 160) + ' ' + n.any.map((a) => a.message).join(' ')).join(' | '))));
            JS);

        return array_values((array) $result);
    }

    public function picture(string $file): void
    {
        $this->script('return document.fonts.ready.then(() => 1)');
        $this->driver->takeScreenshot($file);
    }

    /** Moves a slider to a part of its way. */
    public function slide(string $label, float $part): self
    {
        $this->onSight(WebDriverBy::xpath('//input[@type="range"][@aria-label='.self::quote($label).']'), $label, <<<'JS'
            element.value = Number(element.min) + more * (Number(element.max) - Number(element.min));
            element.dispatchEvent(new Event('input', { bubbles: true }));
            return true;
            JS, $part);

        return $this;
    }

    /** How many sheets the page prints on, on the paper it asks for. */
    public function printedPages(): int
    {
        $pdf = base64_decode(
            (string) $this->tools->execute('Page.printToPDF', ['preferCSSPageSize' => true, 'printBackground' => true])['data'],
        );

        return preg_match_all('#/Type\s*/Page\b(?!s)#', $pdf);
    }

    /** The smallest type of an element laid out so many mm wide, in points as printed. */
    public function printedTypePt(string $selector, int $widthMm): float
    {
        $smallest = Wait::until(function () use ($selector, $widthMm): mixed {
            $this->tools->execute('Emulation.setEmulatedMedia', ['media' => 'print']);

            return $this->driver->executeScript(<<<'JS'
                const css = getComputedStyle(document.documentElement);
                if (css.getPropertyValue('--type-small') !== css.getPropertyValue('--type-base')) return null; // not as paper yet
                const [selector, widthMm] = arguments, card = document.querySelector(selector);
                card.style.width = widthMm + 'mm';
                const sizes = [...card.querySelectorAll('*')].filter((e) => [...e.childNodes].some((n) => n.nodeType === 3 && n.data.trim())).map((e) => {
                    const svg = e.closest('svg');
                    return parseFloat(getComputedStyle(e).fontSize) * (svg ? Math.min(svg.clientWidth / svg.viewBox.baseVal.width, svg.clientHeight / svg.viewBox.baseVal.height) : 1) * 0.75;
                });
                card.style.width = '';
                return Math.min(...sizes);
                JS, [$selector, $widthMm]);
        }, 'The page is not shown as paper.');
        $this->tools->execute('Emulation.setEmulatedMedia', ['media' => '']);

        return (float) $smallest;
    }

    /** A thumb on the first thing shown that matches, wherever it stands. */
    public function thumb(string $css): self
    {
        [$x, $y] = $this->onSight(WebDriverBy::cssSelector($css), $css, 'return [at.x, at.y];');
        $this->tools->execute('Input.dispatchTouchEvent', ['type' => 'touchStart', 'touchPoints' => [['x' => $x, 'y' => $y]]]);
        $this->tools->execute('Input.dispatchTouchEvent', ['type' => 'touchEnd', 'touchPoints' => []]);

        return $this;
    }

    /** A processor so many times slower. */
    public function slowed(float $times): self
    {
        $this->tools->execute('Emulation.setCPUThrottlingRate', ['rate' => $times]);

        return $this;
    }

    public function offline(bool $off): void
    {
        $conditions = ['offline' => $off, 'latency' => 0, 'download_throughput' => -1, 'upload_throughput' => -1];
        $this->driver->executeCustomCommand(
            '/session/:sessionId/chromium/network_conditions',
            'POST',
            ['network_conditions' => $conditions],
        );
    }

    /** Lets nothing through to addresses like these. */
    public function bar(string ...$patterns): self
    {
        $this->tools->execute('Network.enable');
        $this->tools->execute('Network.setBlockedURLs', ['urls' => $patterns]);

        return $this;
    }

    private static function field(string $label): WebDriverBy
    {
        $quoted = self::quote($label);

        return WebDriverBy::xpath(
            "//*[self::input or self::textarea][@aria-label=$quoted or @id=//label[starts-with(normalize-space(.),$quoted)]/@for]",
        );
    }

    /**
     * What a script makes of the first element that nothing stands before, brought into sight; asked again as long as it makes nothing of
     * it.
     */
    private function onSight(WebDriverBy $by, string $name, string $script, mixed $more = null, float $atMostS = Wait::MOST_S): mixed
    {
        return Wait::until(fn (): mixed => $this->watched(<<<JS
            const [how, what, more] = arguments;
            const found = how === 'xpath' ? document.evaluate(what, document, null, XPathResult.ORDERED_NODE_SNAPSHOT_TYPE) : document.querySelectorAll(what);
            const all = how === 'xpath' ? Array.from({ length: found.snapshotLength }, (_, i) => found.snapshotItem(i)) : found;
            for (const element of all) {
                if (!element.checkVisibility({ visibilityProperty: true }) || !element.getClientRects().length) continue;
                element.scrollIntoView({ block: 'center' });
                const { x, y, width, height } = element.getClientRects()[0];
                const at = { x: x + width / 2, y: y + height / 2 };
                if (element.contains(document.elementFromPoint(at.x, at.y))) { $script }
            }
            return null;
            JS, $by->getMechanism(), $by->getValue(), $more), fn (): string => "\"$name\" is not to be found. "
                .$this->whatThereIs(), $atMostS);
    }

    /**
     * What a script makes of the page, which looks itself for a while until that is something; nothing of a page that is left meanwhile.
     */
    private function watched(string $script, mixed ...$arguments): mixed
    {
        try {
            return $this->driver->executeScript(<<<JS
                const until = performance.now() + 1000;
                const look = async () => { $script };
                return (async () => {
                    for (;;) {
                        const seen = (await look()) ?? false;
                        if (seen !== false || performance.now() > until) return seen;
                        await new Promise((again) => setTimeout(again, 40));
                    }
                })();
                JS, array_values($arguments));
        } catch (JavascriptErrorException $error) {
            if (str_contains((string) $error->getMessage(), 'unload')) {
                return null;
            }
            throw $error;
        }
    }

    private function whatThereIs(): string
    {
        $state = $this->script(<<<'JS'
            const worker = !!navigator.serviceWorker?.controller;
            return [location.href, document.readyState, document.documentElement.outerHTML.length, worker].join(' ');
            JS);

        return "There is ($state):\n".mb_strimwidth($this->text(), 0, 2500, '…');
    }

    /** A page that draws itself anew between looking and clicking is clicked again, and typed on again. */
    private function retry(\Closure $command): void
    {
        for ($try = 0; ; $try++) {
            try {
                $command();

                return;
            } catch (
                ElementClickInterceptedException|ElementNotInteractableException|JavascriptErrorException|StaleElementReferenceException $error
            ) {
                if ($try > 20) {
                    throw $error;
                }
                usleep(100_000);
            }
        }
    }

    private static function quote(string $text): string
    {
        return str_contains($text, "'") ? '"'.$text.'"' : "'".$text."'";
    }
}
