<?php

declare(strict_types=1);

namespace Tests\Support;

use ReflectionMethod;
use Underpin\Job\Job;

/** A value object once more, with some of its constructor's arguments changed. */
final class Changed
{
    /**
     * @template T of object
     *
     * @param  T  $object
     * @return T
     */
    public static function of(object $object, mixed ...$changes): object
    {
        if ($object instanceof Job) {
            return Houses::changed($object, ...$changes);
        }
        $arguments = [];
        foreach ((new ReflectionMethod($object, '__construct'))->getParameters() as $parameter) {
            $arguments[$parameter->name] = $object->{$parameter->name};
        }

        return new ($object::class)(...[...$arguments, ...$changes]);
    }
}
