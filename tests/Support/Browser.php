<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use RuntimeException;

/** Headless Chromium on the real server stack, told what to do in a few plain words. */
final class Browser
{
    private const WAIT_S = 15;

    /** @var ?resource */
    private static $driver = null;

    private static int $port = 0;

    /** @var array<string, list<array<string, mixed>>> cookies by email */
    private static array $signedIn = [];

    private function __construct(public readonly RemoteWebDriver $web, private readonly string $profile)
    {
    }

    /** @param  ?string  $profile  folder of one that was closed or killed; null: a new one */
    public static function open(int $width = 1280, int $height = 800, bool $scripts = true, ?string $profile = null): self
    {
        self::startDriver();
        $profile ??= sys_get_temp_dir().'/underpin-browser-'.bin2hex(random_bytes(6));
        $options = new ChromeOptions;
        $options->setBinary('/usr/bin/chromium');
        $options->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync', '--no-first-run', '--disable-quic', "--user-data-dir=$profile", "--window-size=$width,$height",
        ]);
        if (! $scripts) {
            $options->setExperimentalOption('prefs', ['profile.managed_default_content_settings.javascript' => 2]);
        }
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);

        return new self(RemoteWebDriver::create('http://127.0.0.1:'.self::$port, $capabilities, 30_000, 60_000), $profile);
    }

    public static function stopDriver(): void
    {
        if (self::$driver !== null) {
            proc_terminate(self::$driver);
            self::$driver = null;
        }
    }

    public function close(): void
    {
        $this->web->quit();
        exec('rm -rf '.escapeshellarg($this->profile));
    }

    /** Killed as by a flat battery, in the middle of whatever it does, and opened again by the same person. */
    public function killed(): self
    {
        exec('pkill -9 -f -- '.escapeshellarg("--user-data-dir=$this->profile"));
        usleep(500_000);
        array_map(unlink(...), array_filter((array) glob("$this->profile/Singleton*"), is_string(...)));
        try {
            $this->web->quit();
        } catch (WebDriverException) {
            // It is gone, as was wanted.
        }

        return self::open(profile: $this->profile);
    }

    public function visit(string $path): self
    {
        $this->web->get(rtrim((string) getenv('UNDERPIN_URL'), '/').$path);

        return $this;
    }

    /** By the form the first time; after that with what the server gave for it, as a browser that is opened again. */
    public function signIn(string $email = 'nell@ridgeandharbor.example', string $password = 'demo-shop-2026'): self
    {
        if (isset(self::$signedIn[$email])) {
            $this->command('Network.setCookies', ['cookies' => self::$signedIn[$email]]);

            return $this->visit('/')->see('Jobs');
        }
        $this->visit('/sign-in')->type('#email', $email)->type('#password', $password)->click('#sign-in button')->see('Jobs');
        self::$signedIn[$email] = $this->command('Network.getCookies', ['urls' => [(string) getenv('UNDERPIN_URL')]])['cookies'];

        return $this;
    }

    /**
     * One of the browser's own, beyond what a driver has a word for.
     *
     * @param  array<string, mixed>  $parameters
     */
    public function command(string $name, array $parameters): mixed
    {
        return $this->web->executeCustomCommand(
            '/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $name, 'params' => $parameters]
        );
    }

    public function find(string $css): RemoteWebElement
    {
        return $this->until(fn () => $this->web->findElements(WebDriverBy::cssSelector($css))[0] ?? null, "$css on {$this->path()}");
    }

    public function has(string $css): bool
    {
        return $this->web->findElements(WebDriverBy::cssSelector($css)) !== [];
    }

    public function click(string $css): self
    {
        $this->act($css, function (RemoteWebElement $element): void {
            $this->web->executeScript('arguments[0].scrollIntoView({block: "center"})', [$element]);
            $element->click();
        });

        return $this;
    }

    public function type(string $css, string $text): self
    {
        $this->act($css, fn (RemoteWebElement $field) => $field->clear()->sendKeys($text));

        return $this;
    }

    public function attach(string $css, string ...$files): self
    {
        $this->act($css, fn (RemoteWebElement $field) => $field->sendKeys(implode("\n", $files)));

        return $this;
    }

    public function choose(string $css, string $value): self
    {
        return $this->click("$css option[value=\"$value\"]");
    }

    /** A new job of the shop, with the panel that it begins with where one is to be typed by hand. */
    public function begin(string $name, bool $panel = false): self
    {
        $this->type('#new-name', $name)->click('#new-job button')->see('What is there');
        if ($panel) {
            $path = (string) strtok($this->path(), '?');
            $this->click('#begin-panel button')->find('#loads-grid');
            $this->visit($path)->find('#p0-name');
        }

        return $this;
    }

    public function pressWithAlt(string $key): self
    {
        return $this->pressWith(WebDriverKeys::ALT, $key);
    }

    public function pressWith(string $held, string $key): self
    {
        $keyboard = $this->web->getKeyboard();
        $keyboard->pressKey($held);
        $keyboard->sendKeys($key);
        $keyboard->releaseKey($held);

        return $this;
    }

    public function press(string ...$keys): self
    {
        foreach ($keys as $key) {
            $this->web->getKeyboard()->sendKeys($key);
        }

        return $this;
    }

    public function see(string $text, float $withinS = self::WAIT_S): self
    {
        $this->until(fn (): bool => str_contains($this->text('body'), $text), "the words \"$text\" on {$this->path()}", $withinS);

        return $this;
    }

    public function text(string $css): string
    {
        return $this->act($css, fn (RemoteWebElement $element): string => $element->getText());
    }

    public function attribute(string $css, string $name): string
    {
        return $this->act($css, fn (RemoteWebElement $element): string => (string) $element->getAttribute($name));
    }

    public function path(): string
    {
        $parts = parse_url($this->web->getCurrentURL());

        return ($parts['path'] ?? '/').(isset($parts['query']) ? '?'.$parts['query'] : '');
    }

    public function run(string $script): mixed
    {
        return $this->web->executeScript($script);
    }

    /** @return list<string> what the page complained of */
    public function complaints(): array
    {
        return array_column($this->web->manage()->getLog('browser'), 'message');
    }

    /**
     * @template T
     *
     * @param  callable(): T  $look
     * @return T
     */
    public function until(callable $look, string $what, float $withinS = self::WAIT_S): mixed
    {
        $end = microtime(true) + $withinS;
        $last = '';
        do {
            try {
                $found = $look();
                if ($found !== null && $found !== false) {
                    return $found;
                }
            } catch (WebDriverException $gone) {
                if (! self::passes($gone)) {
                    throw $gone;
                }
                $last = $gone->getMessage();
            }
            usleep(60_000);
        } while (microtime(true) < $end);

        throw new RuntimeException("Waited in vain for $what. $last");
    }

    /**
     * Finds an element and does something with it; both again when the page was exchanged in between.
     *
     * @template T
     *
     * @param  callable(RemoteWebElement): T  $do
     * @return T
     */
    private function act(string $css, callable $do): mixed
    {
        return $this->until(fn (): array => [$do($this->find($css))], "something to do with $css on {$this->path()}")[0];
    }

    /** Whether a failure only says that the page was just then being exchanged. The driver reports the middle of it as an unknown error. */
    private static function passes(WebDriverException $failure): bool
    {
        return $failure instanceof StaleElementReferenceException
            || $failure instanceof ElementClickInterceptedException
            || $failure instanceof ElementNotInteractableException
            || str_contains($failure->getMessage(), 'does not belong to the document');
    }

    private static function startDriver(): void
    {
        if (self::$driver !== null) {
            return;
        }
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        if ($socket === false) {
            throw new RuntimeException('No port is free for the browser\'s driver.');
        }
        self::$port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);
        self::$driver = proc_open(
            ['chromedriver', '--port='.self::$port],
            [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
        ) ?: null;
        register_shutdown_function(self::stopDriver(...));
        while (($line = fgets($pipes[1])) !== false) {
            if (str_contains($line, 'started successfully')) {
                return;
            }
        }

        throw new RuntimeException('The browser\'s driver did not start.');
    }
}
