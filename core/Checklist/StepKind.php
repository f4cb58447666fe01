<?php

declare(strict_types=1);

namespace Underpin\Checklist;

/** What is done in a step. */
enum StepKind: string
{
    case Notify = 'notify';
    case Light = 'light';
    case Open = 'open';
    case Lock = 'lock';
    case ProveDead = 'prove_dead';
    case Mount = 'mount';
    case Pull = 'pull';
    case Ground = 'ground';
    case Connect = 'connect';
    case Torque = 'torque';
    case Test = 'test';
    case Label = 'label';
    case Cover = 'cover';
    case Run = 'run';
    case Record = 'record';

    /** In one word, beside a step. */
    public function words(): string
    {
        return match ($this) {
            self::Notify => 'tell',
            self::Light => 'light',
            self::Open => 'open',
            self::Lock => 'lock',
            self::ProveDead => 'prove dead',
            self::Mount => 'mount',
            self::Pull => 'pull',
            self::Ground => 'ground',
            self::Connect => 'connect',
            self::Torque => 'torque',
            self::Test => 'test',
            self::Label => 'sign',
            self::Cover => 'cover',
            self::Run => 'run',
            self::Record => 'note',
        };
    }
}
