<?php

declare(strict_types=1);

namespace App\Screens;

use App\Models\Job;
use App\Models\Run;
use App\Outages\ManyOutages;
use App\Runs\Runs;
use App\Runs\RunState;
use Underpin\Drawing\Plot\HoursBars;
use Underpin\Form\Values;
use Underpin\Job\Job as JobFile;
use Underpin\Outage\Machine\Trip;
use Underpin\Outage\Many\Remedy;
use Underpin\Outage\Many\Tally;

/** The last thousand outages of a job: how far they are, and what came of them. */
final readonly class ManyOutagesScreen
{
    /** Fields of the page that a thousand outages rest on. */
    public const FIELDS = ['season', 'hours', 'home', 'fetches', 'machine'];

    /**
     * @param  ?Run  $run  the newest; null: there was none yet
     * @param  ?Tally  $tally  null: nothing has come of it, or not of what the page asks for
     * @param  list<Remedy>  $remedies
     */
    private function __construct(
        public ?Run $run, public ?Tally $tally, public array $remedies, public bool $isStale, public bool $isOfPage, private JobFile $job,
    ) {
    }

    public static function of(Job $row, JobFile $job, Values $in): self
    {
        $task = new ManyOutages;
        $run = Run::query()->where('job_id', $row->id)->where('task', $task->key())->orderByDesc('id')->first();
        $isOfPage = $run !== null && $run->input == self::input($in);
        /**
         * @var array{
         *     tally?: array<string, mixed>,
         *     remedies?: list<array{key: string, words: string, keepsAll: bool, tried: int, still: int}>,
         * } $kept
         */
        $kept = $run?->state === RunState::Done ? $run->kept ?? [] : [];

        return new self(
            $run, isset($kept['tally']) ? Tally::fromArray($kept['tally']) : null,
            array_map(fn (array $each): Remedy => new Remedy(...$each), $kept['remedies'] ?? []),
            $run !== null && Runs::isStale($run, $task), $isOfPage, $job,
        );
    }

    /** @return array<string, string> what such a run is begun with */
    public static function input(Values $in): array
    {
        $input = [];
        foreach (self::FIELDS as $name) {
            $value = $in->all()[$name] ?? '';
            $input[$name] = is_bool($value) ? ($value ? 'yes' : 'no') : (is_scalar($value) ? (string) $value : '');
        }

        return $input;
    }

    /** @return list<array{string, int}> title of each circuit that was the last straw, and how often */
    public function causes(): array
    {
        $titles = [];
        foreach ($this->job->circuits() as $circuit) {
            $titles[$circuit->id] = $circuit->title();
        }
        $causes = [];
        foreach ($this->tally?->causes() ?? [] as $id => $times) {
            $causes[] = [$titles[$id] ?? 'a circuit that is gone', $times];
        }

        return $causes;
    }

    /** @return list<array{string, int}> what an overload did, and how often */
    public function trips(): array
    {
        $trips = [];
        foreach ($this->tally?->trips() ?? [] as $trip => $times) {
            $trips[] = [Trip::from($trip)->words(), $times];
        }

        return $trips;
    }

    public function byHour(): HoursBars
    {
        return new HoursBars('Overloads by hour of the day', $this->tally?->byHour() ?? []);
    }
}
