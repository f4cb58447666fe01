<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\BenchHouse;
use App\Bench\CrowdedSite;
use App\Bench\FullPanels;
use App\Bench\GridCells;
use App\Bench\Hostile\Attack;
use App\Bench\Hostile\GoodFiles;
use App\Bench\Hostile\People as HostilePeople;
use App\Bench\Hostile\Tally;
use App\Bench\IntervalFiles;
use App\Bench\LighthouseRuns;
use App\Bench\LongQuote;
use App\Bench\OutageFigures;
use App\Bench\Processes;
use App\Bench\Times;
use App\Bench\Visitor;
use App\Bench\YearsOfWork;
use App\Documents\Card\CardContents;
use App\Documents\CardPdf;
use App\Documents\PaperPdf;
use App\Intervals\IntervalFile;
use App\JobFile\JobEditor;
use App\Models\Job as JobRow;
use App\Models\Machine;
use App\Models\Recording;
use App\Models\Shop;
use App\Models\User;
use App\Recordings\RecordingRows;
use App\Shop\ShopPrices;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;
use Underpin\Checks\Review;
use Underpin\Design\Design;
use Underpin\Drawing\Drawings;
use Underpin\Drawing\Site\SitePlanDrawing;
use Underpin\Drawing\Writer\SvgFile;
use Underpin\Job\Fuel;
use Underpin\Job\Job;
use Underpin\Job\Job as JobFile;
use Underpin\Legs\Leg;
use Underpin\Legs\LegBalancer;
use Underpin\Loads\Starter;
use Underpin\Loads\StartOrder;
use Underpin\Measure\Interval\Zone;
use Underpin\Papers\Papers;
use Underpin\Pricing\Quoting\NewQuote;
use Underpin\Pricing\WayMatrix;
use Underpin\Service\Moves\FewestMoves;
use Underpin\Sizing\BestSet;
use Underpin\Sizing\Candidate;
use Underpin\Sizing\Supply;
use XMLReader;

/** Measures what docs/performance.md records. Run it with ./underpin bench, which serves the app. */
final class Bench extends Command
{
    private const ROUNDS = 200;

    private const ROLE_RATIO = 1.8;

    private const LARGE_ROLE_RATIO = 2.0;

    private const PAGE_BYTES = 250_000;

    private const BEST_SET_MS = 2000;

    private const SURVEY_BYTES = 400_000;

    private const CSV_RATIO = 3.0;

    private const ESPI_RATIO = 4.0;

    private const IMPORT_MB = 64.0;

    private const GROWTH = 1.5;

    private const START_ORDER_MS = 50;

    /** circuits => seconds at most for the card of so many */
    private const CARD_S = [42 => 1.0, 400 => 2.0, 1600 => 8.0];

    private const CARD_MB = 160;

    private const PEOPLE = 50;

    private const HOSTILE_FORMS = 10_000;

    private const SPOILED_FILES = 5_000;

    private const HOSTILE_S = 180;

    private const PROCESS_MB = 300;

    private const FULL_PANELS = 100;

    /** a cell of the grid to a role, by medians */
    private const CELL_RATIO = 1.15;

    private const PASTE_S = 1.0;

    /** scores at least, desktop and mobile */
    private const DESKTOP_SCORE = 95.0;

    private const MOBILE_SCORE = 85.0;

    private const SHIFT = 0.1;

    /** of the time that stepping through every second takes */
    private const OUTAGE_SHARE = 0.1;

    private const OUTAGE_LONGER = 1.2;

    private const THOUSAND_S = 180;

    private const TURNS_S = 6.0;

    private const PICTURE_KB = 300.0;

    protected $signature = 'underpin:bench {what? : role, sizing, page, survey, intervals, recorder, card, connect, place, quote, work, '
        .'grid, outage, lighthouse or hostile; all but lighthouse without}';

    protected $description = 'Measure against the figures in docs/performance.md';

    public function handle(): int
    {
        $given = $this->argument('what');
        $what = is_string($given) ? $given : null;
        $all = [
            'role' => $this->role(...), 'sizing' => $this->sizing(...), 'page' => $this->page(...), 'survey' => $this->survey(...),
            'intervals' => $this->intervals(...), 'recorder' => $this->recorder(...), 'card' => $this->card(...),
            'place' => $this->place(...), 'connect' => $this->connect(...), 'hostile' => $this->hostile(...),
            'quote' => $this->quote(...), 'work' => $this->work(...), 'grid' => $this->grid(...),
            'outage' => $this->outage(...),
        ];
        $apart = ['lighthouse' => $this->lighthouse(...)];
        if ($what !== null && ! isset(($all + $apart)[$what])) {
            $this->error('bench measures role, sizing, page, survey, intervals, recorder, card, connect, place, quote, work, grid, '
                .'lighthouse or hostile.');

            return 2;
        }
        $good = true;
        foreach ($what === null ? $all : [($all + $apart)[$what]] as $measure) {
            $good = $measure() && $good;
        }

        return $good ? 0 : 1;
    }

    /** Moves and legs on one core; the matrix of all ways, the drawings and the whole review of the largest demo job. */
    private function connect(): bool
    {
        $moves = new Times;
        foreach (FullPanels::some(self::FULL_PANELS) as $room) {
            $moves->measure(fn (): bool => FewestMoves::of($room)->isPossible());
        }
        mt_srand(24);
        $circuits = array_map(fn (): array => ['amps' => mt_rand(1, 200) / 10, 'leg' => null], range(1, LegBalancer::MOST));
        $legs = new Times;
        for ($i = 0; $i < 5; $i++) {
            $legs->measure(fn (): float => LegBalancer::balance($circuits)->differenceAmps());
        }
        $rows = JobRow::query()->get()->sortByDesc(fn (JobRow $row): int => count(JobEditor::open($row)->job->circuits()));
        $job = JobEditor::open($rows->firstOrFail())->job;
        $book = ShopPrices::book(Shop::query()->firstOrFail());
        $matrix = new Times;
        $review = new Times;
        for ($i = 0; $i < 20; $i++) {
            $matrix->measure(fn (): int => count(WayMatrix::of(new Design($job), $book)->rows));
            $review->measure(fn (): int => count(Review::of($job)->findings));
        }
        $good = $this->verdict('interlock moves, slowest of '.self::FULL_PANELS.' full panels, ms', $moves->share(1.0), 1000, '%.0f');
        $good = $this->verdict('legs of 24 circuits, ms', $legs->share(1.0), 1000, '%.0f') && $good;
        $good = $this->verdict('matrix of all ways, largest demo job, ms', $matrix->median(), 200, '%.1f') && $good;
        $good = $this->drawings($job) && $good;

        return $this->verdict('review of the largest demo job, ms', $review->median(), 150, '%.1f') && $good;
    }

    /** A machine on a crowded site: every distance, the zone where it may stand and the plan. */
    private function place(): bool
    {
        $job = JobEditor::open(JobRow::query()->where('name', 'Lake Ansgar lodge')->firstOrFail())->job->with(CrowdedSite::plan());
        $all = new Times;
        for ($i = 0; $i < 20; $i++) {
            $all->measure(fn (): int => strlen((new SvgFile)->write((new SitePlanDrawing(new Design($job)))->drawing())));
        }

        return $this->verdict('distances, zone and plan of 30 buildings, 60 openings, 20 obstacles, ms', $all->median(), 100, '%.0f');
    }

    /** A quote of 300 lines with its revision, what all the ways of the largest demo job cost, and every paper of it as PDF. */
    private function quote(): bool
    {
        $row = JobRow::query()->where('name', 'Lake Ansgar lodge')->firstOrFail();
        $review = JobEditor::open($row)->review;
        $job = $review->design->job;
        $book = ShopPrices::book($row->shop);
        $long = new Times;
        $priced = new Times;
        $pdf = new Times;
        for ($i = 0; $i < 10; $i++) {
            $long->measure(fn (): int => LongQuote::work($job));
            $priced->measure(fn (): int => count(NewQuote::of(new Design($job), $book)->estimates));
        }
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $pdf->measure(fn (): int => strlen(LongQuote::pdf($row, $job)));
        foreach (Papers::standard()->all() as $paper) {
            $pdf->measure(fn (): int => strlen(PaperPdf::of($paper, $row, $review)));
        }
        $good = $this->verdict('a quote of 300 lines: its revision, out and in again, ms', $long->median(), 300, '%.0f');
        $good = $this->verdict('the price of the largest demo job, ms', $priced->median(), 100, '%.1f') && $good;
        $good = $this->verdict('the slowest paper of it, and of that quote, as PDF, s', $pdf->share(1.0) / 1000, 2, '%.2f') && $good;

        return $this->verdict('memory for the largest of these, MB', (memory_get_peak_usage() - $before) / 1e6, 64, '%.0f') && $good;
    }

    /** The lists of the largest demo job, a handle of its rehearsal, ten years of weekly log, and a board of 10,000 jobs. */
    private function work(): bool
    {
        $row = JobRow::query()->where('name', 'Kestrel Gap goat dairy')->firstOrFail();
        $job = JobEditor::open($row)->job;
        $lodge = JobRow::query()->where('name', 'Lake Ansgar lodge')->firstOrFail();
        $user = User::query()->where('shop_id', $row->shop_id)->orderBy('id')->firstOrFail();
        [$lists, $handle] = [new Times, new Times];
        for ($i = 0; $i < 20; $i++) {
            $lists->measure(fn (): int => YearsOfWork::lists($job));
            $handle->measure(fn (): int => YearsOfWork::handle($job));
        }
        $good = $this->verdict('the steps of installing and proving the dairy, ms', $lists->median(), 100, '%.1f');
        $good = $this->verdict('a handle after 119 others, ms', $handle->share(1.0), 100, '%.1f') && $good;
        $good = $this->verdict('the page of ten years of weekly log, ms', YearsOfWork::tenYears($lodge, $user, 5)->median(), 300, '%.0f')
            && $good;

        return $this->verdict('the board of 10,000 jobs, its counts and a page, ms', YearsOfWork::board($row->shop, 5)->median(), 300,
            '%.0f') && $good;
    }

    /** Every drawing of a job as SVG, all of them together and the largest. */
    private function drawings(JobFile $job): bool
    {
        $all = new Times;
        $largest = 0;
        for ($i = 0; $i < 5; $i++) {
            $all->measure(function () use ($job, &$largest): int {
                $design = new Design($job);
                foreach (Drawings::standard()->all() as $kind) {
                    foreach ($kind->sheets($design) as $sheet) {
                        $largest = max($largest, strlen((new SvgFile)->write($sheet)));
                    }
                }

                return $largest;
            });
        }
        $good = $this->verdict('all drawings of the largest demo job as SVG, ms', $all->median(), 300, '%.0f');

        return $this->verdict('the largest of them, kB', $largest / 1000, 150, '%.0f') && $good;
    }

    /** Fifty people at once with forms and files that are not what they should be. No error page, nothing lost, memory bounded. */
    private function hostile(): bool
    {
        $shop = Shop::query()->firstOrFail();
        $machine = Machine::query()->where('shop_id', $shop->id)->where('key', 'badger-120')->firstOrFail();
        $people = HostilePeople::of($shop, self::PEOPLE, new Supply($machine->core(), Fuel::Gasoline));
        $attack = new Attack(
            config()->string('app.url'), GoodFiles::of(JobEditor::open(JobRow::query()->findOrFail($people[0]['job']))->job),
        );
        $began = microtime(true);
        $attack->run($people, fn (Tally $tally): bool => $tally->forms >= self::HOSTILE_FORMS && $tally->files >= self::SPOILED_FILES
            && microtime(true) - $began >= self::HOSTILE_S);
        $tally = $attack->tally;
        ksort($tally->statuses);
        $this->line(sprintf(
            '%d people, %.0f s: %s forms, %s files; answers: %s', self::PEOPLE, microtime(true) - $began, number_format($tally->forms),
            number_format($tally->files), urldecode(http_build_query($tally->statuses, '', ', ')),
        ));
        array_map($this->line(...), array_slice($tally->faults, 0, 20));
        $names = JobRow::query()->whereIn('id', array_keys($attack->acknowledged))->pluck('name', 'id');
        $lost = array_filter($attack->acknowledged, fn (string $name, int $id): bool => $names[$id] !== $name, ARRAY_FILTER_USE_BOTH);
        $good = $this->verdict('error pages and innards', (float) count($tally->faults), 0, '%.0f');
        $good = $this->verdict('people of whom no change was acknowledged', (float) (self::PEOPLE - count($names)), 0, '%.0f') && $good;
        $good = $this->verdict('acknowledged changes lost', (float) count($lost), 0, '%.0f') && $good;

        return $this->verdict('largest process of the app, MB', Processes::largestMb(storage_path('stack/bench')), self::PROCESS_MB, '%.0f')
            && $good;
    }

    /** The card as PDF of a panel, of a building and of the largest job that is taken. */
    private function card(): bool
    {
        $user = User::query()->firstOrFail();
        $machine = Machine::query()->where('shop_id', $user->shop_id)->where('key', 'badger-120')->firstOrFail();
        $supply = new Supply($machine->core(), Fuel::Gasoline);
        $good = true;
        foreach (self::CARD_S as $count => $limit) {
            $row = JobEditor::create($user->shop, $user, BenchHouse::of($count, $supply))->row;
            memory_reset_peak_usage();
            $times = new Times;
            $times->measure(fn (): string => CardPdf::of(CardContents::of(JobEditor::open($row))));
            $good = $this->verdict("card of $count circuits, seconds", $times->median() / 1000, $limit, '%.2f') && $good;
            $mb = memory_get_peak_usage(true) / 1e6;
            $good = $this->verdict("card of $count circuits, MB", $mb, self::CARD_MB, '%.0f') && $good;
        }

        return $good;
    }

    /** A role change on a 42-space panel with 60 loads against the plainest signed-in page. */
    private function role(): bool
    {
        [$visitor, $path] = $this->visitorAndJob(BenchHouse::panelOf42(...));

        return $this->roleChange($visitor, $path, 'c21', 'role change to plainest page', self::ROLE_RATIO);
    }

    /** A 600 A service with five panels and 210 circuits: its page, and a role change on it. */
    private function survey(): bool
    {
        [$visitor, $path] = $this->visitorAndJob(BenchHouse::fivePanels(...));
        $good = $this->verdict(
            'survey page of 210 circuits, bytes', (float) strlen((string) $visitor->get("$path/survey")->getBody()), self::SURVEY_BYTES,
            '%.0f',
        );

        return $this->roleChange(
            $visitor, $path, 'p3-c21', 'role change among 210 circuits to plainest page', self::LARGE_ROLE_RATIO,
        ) && $good;
    }

    /** A cell of the loads as a sheet, among 210 circuits, against a role there; and a paste of 200 rows. */
    private function grid(): bool
    {
        [$visitor, $path] = $this->visitorAndJob(BenchHouse::fivePanels(...));
        $grid = new GridCells($visitor, $path);
        [$cell, $role] = $grid->againstRole('p3-c21', 'p3-l21');
        $this->line(sprintf('cell: median %.1f ms; role: median %.1f ms', $cell->median(), $role->median()));
        $good = $this->verdict('cell of the grid to a role', $cell->median() / $role->median(), self::CELL_RATIO, '%.2f');

        return $this->verdict('paste of 200 rows, seconds', $grid->paste(), self::PASTE_S, '%.2f') && $good;
    }

    /** Board, grid, machines and import of the dairy, as Lighthouse sees them. */
    private function outage(): bool
    {
        foreach (OutageFigures::byChanges() as $what => [$changes, $seconds]) {
            $each = 1e6 * $seconds / max(1, $changes);
            $this->line(sprintf('%s: %s changes, %.3f s, %.1f µs each', $what, number_format($changes), $seconds, $each));
        }
        [$thousand, $more] = OutageFigures::thousand();

        return array_product([
            $this->verdict(
                'an outage by its changes to one by every second, 30 days of 60 loads', 1 / OutageFigures::faster(),
                self::OUTAGE_SHARE, '%.3f',
            ),
            $this->verdict('as many changes in ten times the time, to those in one', OutageFigures::longer(), self::OUTAGE_LONGER, '%.2f'),
            $this->verdict('three days of 40 loads, every change kept', OutageFigures::threeDays(), 1.0, '%.2f s'),
            $this->verdict('a thousand outages of a day with 25 loads', $thousand, self::THOUSAND_S, '%.0f s'),
            $this->verdict('memory that the second half of them took', $more, 1.0, '%.2f MB'),
            $this->verdict('turns of 20 loads over 96 slots, the slowest of four', OutageFigures::turns(), self::TURNS_S, '%.1f s'),
            $this->verdict('picture of 30 days with 60 loads', OutageFigures::pictureKb(), self::PICTURE_KB, '%.0f kB'),
        ]) === 1;
    }

    private function lighthouse(): bool
    {
        $user = User::query()->firstOrFail();
        $job = JobRow::query()->where('shop_id', $user->shop_id)->where('name', 'Kestrel Gap goat dairy')->firstOrFail();
        $visitor = new Visitor(config()->string('app.url'));
        $visitor->signIn($user->email, DatabaseSeeder::PASSWORD);
        $runs = new LighthouseRuns(config()->string('app.url'), $visitor->cookies());
        $good = true;
        foreach ([true, false] as $isDesktop) {
            foreach (['loads', 'grid', 'size', 'schedule'] as $page) {
                $found = $runs->of("/jobs/$job->id/$page", $isDesktop);
                $least = $isDesktop ? self::DESKTOP_SCORE : self::MOBILE_SCORE;
                $isKept = $found['performance'] >= $least && $found['accessibility'] >= 100 && $found['shift'] < self::SHIFT;
                $this->line(sprintf(
                    '%s, %s: performance %.0f (at least %.0f), accessibility %.0f (100), shift %.3f (under %.1f) %s', $page,
                    $isDesktop ? 'desktop' : 'mobile', $found['performance'], $least, $found['accessibility'],
                    $found['shift'], self::SHIFT, $isKept ? 'kept' : 'NOT KEPT',
                ));
                $good = $isKept && $good;
            }
        }

        return $good;
    }

    /** As the board asks for it, with the circuit selected: the parts that its page has. */
    private function roleChange(Visitor $visitor, string $path, string $circuit, string $what, float $atMost): bool
    {
        $url = "$path/circuits/$circuit/role";
        $parts = $visitor->partsOf("$path/loads?at=$circuit");
        $plain = new Times;
        $role = new Times;
        for ($i = -20; $i < self::ROUNDS; $i++) {
            $to = $i % 2 === 0 ? 'off' : 'must';
            $one = $i < 0 ? [new Times, new Times] : [$plain, $role];
            $one[0]->measure(fn () => $visitor->get('/account')->getBody()->getContents());
            $one[1]->measure(function () use ($visitor, $url, $to, $parts): void {
                $answer = $visitor->change($url, 'PATCH', ['role' => $to], $parts);
                if ($answer->getStatusCode() !== 200) {
                    throw new \RuntimeException('A role change answered '.$answer->getStatusCode().'.');
                }
            });
        }
        $ratio = $role->median() / $plain->median();
        $this->line(
            sprintf(
                'role change: median %.1f ms, 95 %% in %.1f ms; plainest page: median %.1f ms', $role->median(), $role->share(0.95),
                $plain->median(),
            )
        );

        return $this->verdict($what, $ratio, $atMost, '%.2f');
    }

    private function sizing(): bool
    {
        $worst = 0.0;
        foreach (['equal worth' => 1, 'mixed worth' => 9] as $name => $most) {
            mt_srand(7);
            $times = new Times;
            foreach (range(1, 20) as $round) {
                $loads = array_map(
                    fn (int $i): Candidate => new Candidate("l$i", Leg::cases()[mt_rand(0, 2)], mt_rand(100, 900) / 100, mt_rand(1, $most)),
                    range(0, 19),
                );
                $times->measure(fn () => BestSet::choose($round * 2, $round * 2.3, $loads));
            }
            $this->line(sprintf('best-set, 20 loads, %s: median %.0f ms, slowest %.0f ms', $name, $times->median(), $times->share(1.0)));
            $worst = max($worst, $times->share(1.0));
        }
        $starts = new Times;
        $loads = array_map(fn (int $i): Starter => new Starter("l$i", Leg::cases()[$i % 3], $i % 7, $i % 7 + $i % 31), range(0, 199));
        foreach (range(1, 50) as $ignored) {
            $starts->measure(fn () => StartOrder::best($loads));
        }
        $good = $this->verdict('best-set with 20 loads, ms', $worst, self::BEST_SET_MS, '%.0f');

        return $this->verdict('start-order with 200 loads, ms', $starts->median(), self::START_ORDER_MS, '%.2f') && $good;
    }

    /** Bytes over the wire of the first page of a job, with everything it loads. */
    private function page(): bool
    {
        [$visitor, $path] = $this->visitorAndJob(BenchHouse::panelOf42(...));
        $page = $visitor->getCompressed("$path/loads");
        $bytes = strlen((string) $page->getBody());
        $html = (string) gzdecode((string) $page->getBody());
        preg_match_all('#(?:href|src)="[^"]*(/build/[^"]+|/mark\.svg)"#', $html, $found);
        $files = array_unique($found[1]);
        foreach ($files as $file) {
            $body = (string) $visitor->getCompressed($file)->getBody();
            $bytes += strlen($body);
            if (str_ends_with($file, '.css')) {
                preg_match_all('#url\(([^)]+\.woff2)\)#', (string) (gzdecode($body) ?: $body), $fonts);
                foreach ($fonts[1] as $font) {
                    $bytes += strlen((string) $visitor->getCompressed('/build/assets/'.basename($font))->getBody());
                }
            }
        }

        return $this->verdict('first page, bytes over the wire', (float) $bytes, self::PAGE_BYTES, '%.0f');
    }

    /** A year and five years of quarter hours against a bare pass over the same file, and the memory that takes. */
    private function intervals(): bool
    {
        $folder = storage_path('framework/testing/bench');
        File::ensureDirectoryExists($folder);
        IntervalFiles::csv("$folder/1.csv", 1);
        IntervalFiles::espi("$folder/1.xml", 1);
        IntervalFiles::csv("$folder/5.csv", 5);
        IntervalFiles::espi("$folder/5.xml", 5);
        $ratio = function (callable $bare, string $file): float {
            [$plain, $import] = [new Times, new Times];
            for ($i = 0; $i < 9; $i++) {
                $plain->measure(fn () => $bare($file));
                $import->measure(fn () => IntervalFile::read($file, Zone::Eastern));
            }

            return $import->median() / $plain->median();
        };
        $good = $this->verdict(
            'CSV import of a year to a bare fgetcsv pass', $ratio(self::bareTable(...), "$folder/1.csv"), self::CSV_RATIO, '%.2f',
        );
        $good = $this->verdict(
            'ESPI import of a year to a bare XMLReader pass', $ratio(self::bareXml(...), "$folder/1.xml"), self::ESPI_RATIO, '%.2f',
        )
            && $good;
        foreach (['1.csv', '1.xml', '5.csv', '5.xml'] as $name) {
            $code = 'require $argv[1]; '.IntervalFile::class.'::read($argv[2], '.Zone::class.'::Eastern); '
                .'echo memory_get_peak_usage(true);';
            // One that fails has measured nothing.
            $process = Process::run([PHP_BINARY, '-r', $code, base_path('vendor/autoload.php'), "$folder/$name"])->throw();
            $good = $this->verdict("peak memory for $name, MB", (float) $process->output() / 1e6, self::IMPORT_MB, '%.1f') && $good;
        }
        File::deleteDirectory($folder);

        return $good;
    }

    private static function bareTable(string $path): void
    {
        $file = fopen($path, 'rb');
        while ($file !== false && fgetcsv($file) !== false);
    }

    private static function bareXml(string $path): void
    {
        $xml = new XMLReader;
        $xml->open($path);
        while ($xml->read());
    }

    /** An hour of ten readings a second, in the batches of a recorder: does the last minute cost more than the first? */
    private function recorder(): bool
    {
        [$visitor, $path] = $this->visitorAndJob(BenchHouse::panelOf42(...));
        $visitor->change("$path/recordings", 'POST', ['name' => 'Bench', 'inlet_a' => '30', 'buffer_a' => '0']);
        $recording = Recording::query()->where('id', Recording::query()->max('id'))->firstOrFail();
        $url = "$path/recordings/$recording->key";
        [$first, $last, $early, $late] = [new Times, new Times, new Times, new Times];
        for ($second = 0; $second < 3600; $second++) {
            $batch = array_map(fn (int $i): array => [$second * 1000 + $i * 100, 5.0 + ($second % 40 < 20 ? 4.0 : 0.0), 3.0], range(0, 9));
            ($second < 300 ? $first : ($second >= 3300 ? $last : new Times))->measure(
                fn () => $visitor->send("$url/readings", ['readings' => $batch])->getBody()->getContents()
            );
            if ($second % 10 === 9 && ($second >= 240 && $second < 540 || $second >= 3300)) {
                ($second < 540 ? $early : $late)->measure(fn () => $visitor->get("$url/offers")->getBody()->getContents());
            }
        }
        $good = $this->verdict(
            'readings lost of 36,000', (float) (36_000 - iterator_count(RecordingRows::readings($recording))), 0, '%.0f',
        );
        $good = $this->verdict(
            'a batch in the last minutes of an hour to one in the first', $last->median() / $first->median(), self::GROWTH, '%.2f',
        )
            && $good;

        return $this->verdict(
            'steps found in the last minutes to those in the first', $late->median() / $early->median(), self::GROWTH, '%.2f',
        )
            && $good;
    }

    /**
     * @param  callable(Supply): Job  $house
     * @return array{Visitor, string} signed in, and the path of a job of its own
     */
    private function visitorAndJob(callable $house): array
    {
        $user = User::query()->firstOrFail();
        $machine = Machine::query()->where('shop_id', $user->shop_id)->where('key', 'badger-120')->firstOrFail();
        $job = JobEditor::create($user->shop, $user, $house(new Supply($machine->core(), Fuel::Gasoline)))->row;
        $visitor = new Visitor(config()->string('app.url'));
        $visitor->signIn($user->email, DatabaseSeeder::PASSWORD);

        return [$visitor, "/jobs/$job->id"];
    }

    private function verdict(string $what, float $value, float $limit, string $format): bool
    {
        $this->line(sprintf("%s: $format (at most $format) %s", $what, $value, $limit, $value <= $limit ? 'kept' : 'NOT KEPT'));

        return $value <= $limit;
    }
}
