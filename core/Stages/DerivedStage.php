<?php

declare(strict_types=1);

namespace Underpin\Stages;

/** A stage that makes itself from the others: a job has come to it only once it has come to the one before it. */
interface DerivedStage extends Stage
{
}
