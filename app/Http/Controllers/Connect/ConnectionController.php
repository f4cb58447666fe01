<?php

declare(strict_types=1);

namespace App\Http\Controllers\Connect;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Connect\ConnectionRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Connection\Ways;
use Underpin\Job\Circuit;
use Underpin\Job\Job as JobFile;
use Underpin\Job\PickedFor;
use Underpin\Loads\Plan;
use Underpin\StageKey;

/** The way of connecting that is picked. */
final class ConnectionController extends Controller
{
    use SavesChoices;

    public function __invoke(ConnectionRequest $request, Job $job): Response|RedirectResponse
    {
        $ways = Ways::standard();
        $in = $request->values();
        $key = $in->textOrNull('connection');

        $edit = function (JobFile $file, Job $row) use ($request, $key): JobFile {
            $was = ['connection' => $file->connection->way];
            Conflict::guard($row, ['connection'], $was, $request->was(), ['connection' => $key]);

            $must = array_map(fn (Circuit $c): string => $c->id, Plan::of($file->asSized())->must);
            $for = $key === null ? null : new PickedFor($file->generator->machine->id ?? '', $must);

            return $file->with($file->connection->with(way: $key, pickedFor: $for));
        };

        return $this->save($request, $job, 'Connection: '.($ways->find($key)?->words() ?? 'none'), $edit);
    }

    private function stage(): StageKey
    {
        return StageKey::Connect;
    }
}
