<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\RefreshDatabase;
use Underpin\Calculator\Calculators;
use Underpin\Exchange\JobFile;
use Underpin\Exchange\JobFileFaults;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature');

/** What a calculator answers to input, given as data or as JSON text. */
function calc(string $name, mixed $input): mixed
{
    $json = is_string($input) ? $input : json_encode($input, JSON_THROW_ON_ERROR);

    return Calculators::run(Calculators::named($name), $json)->output;
}

/** The field that a calculator refuses. */
function faultOf(string $name, mixed $input): string
{
    $output = calc($name, $input);

    return $output['error']['field'] ?? 'no error';
}

/**
 * @param  array<mixed>  $data  of a job file
 * @return list<string> paths of everything that is wrong with it
 */
function pathsOf(array $data): array
{
    try {
        JobFile::standard()->decode(json_encode($data, JSON_THROW_ON_ERROR));

        return [];
    } catch (JobFileFaults $faults) {
        return array_map(fn ($f) => $f->field, $faults->faults);
    }
}
