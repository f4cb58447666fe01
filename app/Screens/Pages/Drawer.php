<?php

declare(strict_types=1);

namespace App\Screens\Pages;

/** What stands beside a page: a view for what is selected on it, and one for when nothing is. */
final readonly class Drawer
{
    public function __construct(public string $selected, public string $unselected)
    {
    }
}
