<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Screens\JobScreen;
use Closure;
use Underpin\Exchange\JobPatch;

/** A part of a page that is sent by itself when it has changed: a view whose first tag has the id "part-" and the view's last name. */
final readonly class Part
{
    /**
     * @param  view-string  $view
     * @param  list<string>  $of  parts of a job file that it shows; none: it may change with anything
     * @param  list<string>  $beside  fields of a circuit that it does not show
     * @param  ?Closure(JobScreen): array<string, array<string, mixed>>  $each  what each of several shows, by its name; null: it is one
     */
    private function __construct(public string $view, private array $of, private array $beside, private ?Closure $each = null)
    {
    }

    /**
     * Several alike that are sent each by itself.
     *
     * @param  view-string  $view  of one of them
     * @param  Closure(JobScreen): array<string, array<string, mixed>>  $each  what the view takes, by the part's name
     */
    public static function each(string $view, Closure $each): self
    {
        return new self($view, [], [], $each);
    }

    /** @return array<string, PartHtml> by name */
    public function htmls(JobScreen $screen): array
    {
        return $this->each === null
            ? [$this->name() => PartHtml::of($this->view, $screen)]
            : array_map(fn (array $data): PartHtml => PartHtml::of($this->view, $screen, $data), ($this->each)($screen));
    }

    /** It is made only when the page has it. */
    public function isOne(): bool
    {
        return $this->each === null;
    }

    /**
     * It may change with anything, and is quickly made.
     *
     * @param  view-string  $view
     */
    public static function any(string $view): self
    {
        return new self($view, [], []);
    }

    /**
     * It shows what stands in these parts of a job file.
     *
     * @param  view-string  $view
     */
    public static function of(string $view, string ...$of): self
    {
        return new self($view, array_values($of), []);
    }

    /** It shows nothing of these fields of a circuit. */
    public function beside(string ...$fields): self
    {
        return new self($this->view, $this->of, array_values($fields), $this->each);
    }

    public function name(): string
    {
        return substr((string) strrchr($this->view, '.'), 1);
    }

    public function isTouchedBy(JobPatch $patch): bool
    {
        if ($this->of === []) {
            return true;
        }
        $touched = array_filter($this->of, fn (string $part): bool => $patch->touches([$part]));

        return $touched !== [] && ! $patch->isWithinCircuits(...$this->beside);
    }
}
