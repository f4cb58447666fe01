<?php

declare(strict_types=1);

namespace App\Http\Requests\Jobs;

use App\Http\Requests\CoreRequest;
use App\Photos\PhotoOf;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Work\StepRecord;

/** Photos, and what they show. */
final class PhotoStoreRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            Field::enum('of', 'what it shows', PhotoOf::class)->label('What it shows'),
            Field::text('of_key', 'which one')->label('Which one')->required()->atMost(StepRecord::LONGEST_KEY),
        );
    }
}
