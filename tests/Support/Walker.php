<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\WebDriverKeys;
use RuntimeException;

/**
 * Somebody who works through pages by touch or by the keys alone, each of which is counted: pages that were opened, taps, and keys.
 * What is reached by the keys alone is reached by Tab, as often as it takes.
 */
final class Walker
{
    /** Seconds that practised hands take for a key, and to point at something and tap it. Card, Moran and Newell: keystroke level. */
    private const KEY_S = 0.28;

    private const TAP_S = 1.3;

    private const TABS = 400;

    private int $pages = 0;

    private int $taps = 0;

    private int $keys = 0;

    private string $page = '';

    public function __construct(public readonly Browser $browser, private readonly bool $byKeys)
    {
    }

    public function open(string $path): self
    {
        $this->browser->visit($path);

        return $this->arrived();
    }

    /** @param  list<string>  $chord  keys that are held together and do the same, wherever the focus is */
    public function tap(string $css, array $chord = []): self
    {
        if ($this->byKeys && $chord !== []) {
            $this->browser->press(implode('', $chord).WebDriverKeys::NULL);
            $this->keys += count($chord);
        } elseif ($this->byKeys) {
            $this->reach($css);
            $this->press(WebDriverKeys::ENTER);
        } else {
            $this->browser->click($css);
            $this->taps++;
        }
        usleep(250_000);

        return $this->arrived();
    }

    /** Types into a field and leaves it. */
    public function fill(string $css, string $text): self
    {
        $this->into($css)->press($text, WebDriverKeys::TAB);
        usleep(200_000);

        return $this;
    }

    /** To a field, with what stands in it chosen, so that it is typed over. */
    private function into(string $css): self
    {
        if ($this->byKeys) {
            $this->reach($css);
        } else {
            $this->browser->click($css);
            $this->taps++;
        }
        $this->browser->run('document.activeElement.select?.()');

        return $this;
    }

    /** Picks what begins with these letters. */
    public function pick(string $css, string $letters): self
    {
        if ($this->byKeys) {
            $this->reach($css);
            $this->press($letters);
        } else {
            $this->browser->click($css);
            $this->browser->press($letters);
            $this->taps += 2;
        }
        $this->browser->press(WebDriverKeys::TAB);
        $this->keys += $this->byKeys ? 1 : 0;
        usleep(350_000);

        return $this;
    }

    public function press(string ...$keys): self
    {
        foreach ($keys as $key) {
            $this->browser->press($key);
            $this->keys += mb_strlen($key);
        }

        return $this;
    }

    public function see(string $text): self
    {
        $this->browser->see($text);

        return $this->arrived();
    }

    /** Does every step of a checklist that is open, in its order, with readings in their ranges and the label's own figure. */
    public function work(): self
    {
        while (($key = $this->browser->run(<<<'JS'
            const open = [...document.querySelectorAll('.step')].find((step) => step.dataset.state !== 'done');
            return open ? open.querySelector('form[data-outbox]').dataset.outbox : null;
            JS)) !== null) {
            $form = '[data-outbox="'.$key.'"]';
            $this->unfold($form);
            $label = $this->browser->run("const l = document.querySelector('$form').elements.label; return l && l.type !== 'hidden'");
            [$isReading, $low, $high] = $this->browser->run(<<<JS
                const value = document.querySelector('$form').elements.value;
                return [value.type === 'number', value.min === '' ? null : +value.min, value.max === '' ? null : +value.max];
                JS);
            $reads = match (true) {
                $low !== null && $high !== null => ($low + $high) / 2,
                $high !== null => $high / 2,
                default => ($low ?? 10) * 1.1,
            };
            match (true) {
                ! $isReading => $this->tap("$form .step-box"),
                // From the label's figure onward to the reading, and done with Enter.
                $label => $this->into("$form [name=\"label\"]")->press('40', WebDriverKeys::TAB, '40', WebDriverKeys::ENTER),
                default => $this->into("$form [name=\"value\"]")->press((string) round($reads, 1), WebDriverKeys::ENTER),
            };
            $state = "return document.querySelector('$form').closest('.step').dataset.state";
            $this->browser->until(fn () => $this->browser->run($state) === 'done', "step $key");
        }

        return $this;
    }

    /** Opens the fold in which this stands, if it is shut. */
    public function unfold(string $css): self
    {
        $fold = "document.querySelector('$css').closest('details')";
        if ($this->browser->run("return $fold.open")) {
            return $this;
        }
        $this->browser->run(
            "document.querySelectorAll('[data-walk]').forEach((e) => delete e.dataset.walk);"
            ."$fold.querySelector('summary').dataset.walk = ''",
        );

        return $this->tap('[data-walk]');
    }

    /** @return array{pages: int, taps: int, keys: int, minutes: float} */
    public function counted(): array
    {
        return [
            'pages' => $this->pages, 'taps' => $this->taps, 'keys' => $this->keys,
            'minutes' => round(($this->taps * self::TAP_S + $this->keys * self::KEY_S) / 60, 1),
        ];
    }

    /** Into the row of a grid that is still empty: by the keys down its first column. */
    public function toBlankRow(string $grid): self
    {
        $blank = "$grid [data-blank] [data-column=\"name\"]";
        if (! $this->byKeys) {
            return $this->tap($blank);
        }
        $this->reach("$grid [data-column=\"name\"]");
        while (! $this->isAt($blank)) {
            $this->press(WebDriverKeys::ARROW_DOWN);
        }

        return $this;
    }

    /** By Tab from where the focus is, or by Shift and Tab to what stands before it. */
    private function reach(string $css): void
    {
        $this->browser->find($css);
        $goal = json_encode($css, JSON_THROW_ON_ERROR);
        $isBefore = (bool) $this->browser->run(
            "const goal = document.querySelector($goal); const here = document.activeElement;"
            .'return here !== document.body && (goal.compareDocumentPosition(here) & Node.DOCUMENT_POSITION_FOLLOWING) > 0',
        );
        for ($i = 0; $i < self::TABS; $i++) {
            if ($this->isAt($css)) {
                return;
            }
            $this->tab($isBefore);
        }

        throw new RuntimeException("The keys alone do not come to $css on {$this->browser->path()}.");
    }

    private function isAt(string $css): bool
    {
        $goal = json_encode($css, JSON_THROW_ON_ERROR);

        return (bool) $this->browser->run("return document.activeElement?.matches($goal) ?? false");
    }

    /** As the browser itself takes it: a driver would write it into a field for files. */
    private function tab(bool $isBack): void
    {
        foreach (['keyDown', 'keyUp'] as $type) {
            $this->browser->command('Input.dispatchKeyEvent', [
                'type' => $type, 'key' => 'Tab', 'code' => 'Tab', 'windowsVirtualKeyCode' => 9, 'modifiers' => $isBack ? 8 : 0,
            ]);
        }
        $this->keys += $isBack ? 2 : 1;
    }

    private function arrived(): self
    {
        $page = (string) strtok($this->browser->path(), '?#');
        $this->pages += $page === $this->page ? 0 : 1;
        $this->page = $page;

        return $this;
    }
}
