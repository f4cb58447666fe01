<?php

declare(strict_types=1);

namespace Underpin\Install;

use Underpin\Job\Panel;

/** A box of the house that is opened for the work. */
final readonly class OpenedBox
{
    /**
     * @param  string  $id  of its component
     * @param  ?Panel  $panel  null: a disconnect, or what belongs to the utility
     * @param  bool  $isUtilitys  only the utility opens it
     */
    public function __construct(public string $id, public string $name, public ?Panel $panel, public bool $isUtilitys = false)
    {
    }
}
