<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use LogicException;
use Underpin\StageKey;

/** Every page of a stage: where the app maps the key that the core gives. */
final readonly class StagePages
{
    /** @param  list<StagePage>  $pages */
    public function __construct(private array $pages)
    {
    }

    public static function standard(): self
    {
        return new self(
            [new SurveyPage, new LoadsPage, new SizePage, new ConnectPage, new WirePage, new PlacePage, new PricePage,
                new InstallPage, new ProvePage, new RunPage, new KeepPage],
        );
    }

    public function of(StageKey $stage): StagePage
    {
        foreach ($this->pages as $page) {
            if ($page->stage() === $stage) {
                return $page;
            }
        }
        throw new LogicException("The stage '$stage->value' has no page.");
    }
}
