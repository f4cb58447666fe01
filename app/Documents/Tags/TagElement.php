<?php

declare(strict_types=1);

namespace App\Documents\Tags;

/** One element of what a reader is told that a sheet consists of: a heading, a list, a cell, with its parts and its places on the pages. */
final class TagElement
{
    /** @var list<self|array{int, int}> parts of it, or the page (its object) and the number of a marked piece of its content */
    public array $parts = [];

    public function __construct(public readonly string $type, public readonly ?string $alt = null, public readonly ?string $scope = null)
    {
    }
}
