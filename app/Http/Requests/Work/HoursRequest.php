<?php

declare(strict_types=1);

namespace App\Http\Requests\Work;

use App\Http\Requests\CoreRequest;
use Underpin\Assembly\Task;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Part\WorkPart;

/** Hours that somebody worked on a task. */
final class HoursRequest extends CoreRequest
{
    public function form(): Form
    {
        $tasks = [];
        foreach (Task::cases() as $task) {
            $tasks[$task->value] = ucfirst($task->words());
        }

        return new Form(
            Field::choice('task', 'what was worked on', $tasks)->label('Task'),
            ...WorkPart::hours()->only('on', 'who', 'hours')->fields(),
        );
    }
}
