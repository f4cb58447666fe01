<?php

declare(strict_types=1);

namespace App\Find;

use App\Models\Job;
use App\Models\User;
use App\Screens\StageLinks;
use Underpin\StageKey;

/** What can be done, by the words that people say for it. */
final class Actions implements Place
{
    /** words, what else it is called, and the route of the shop */
    private const OF_SHOP = [
        ['Jobs of the shop', 'board customers list day due', 'jobs.index'],
        ['Machines and typical loads', 'catalogue generators library add a machine', 'catalogue'],
        ['Price book', 'prices parts labour cost money', 'prices'],
        ['Local rules and ranges', 'authority amendments code edition', 'rules.index'],
        ['People of the shop', 'users invite apprentice roles', 'people'],
        ['Your account', 'password two steps devices feed', 'account'],
        ['Removed jobs', 'bin deleted restore', 'jobs.bin'],
        ['Help: keys, guide, sections cited', 'manual how shortcuts', 'help'],
    ];

    /** the same of the open job */
    private const OF_JOB = [
        ['Bring in a schedule', 'import sheet spreadsheet csv excel panel paste', 'jobs.schedule.create'],
        ['Loads as a grid', 'sheet table watts spreadsheet', 'jobs.grid'],
        ['Measure with the clamp meter', 'record recorder clamp amps', 'jobs.recordings'],
        ['Calculate the load', 'demand 220.82 220.83 220.87 article 220', 'jobs.demand'],
        ['Utility interval data', 'peak recorded espi green meter', 'jobs.intervals'],
        ['Compare the three ways to know the loads', 'schools list measure calculate', 'jobs.schools'],
        ['Job file', 'export json save download backup', 'jobs.export'],
        ['Schedule as CSV', 'export spreadsheet download', 'jobs.schedule.export'],
        ['Switching card', 'print owner night steps', 'jobs.card'],
        ['Rehearsal', 'practice practise owner outage', 'jobs.rehearsal'],
        ['Live through an outage', 'simulate days storm overload soft starter thousand what if', 'jobs.outage'],
        ['Local rules of this job', 'authority amendments edition splices', 'jobs.rules'],
    ];

    /** the same, at a place of one of its stages */
    private const AT_STAGE = [
        ['Interlock: the moves that it needs', 'interlock plate spaces moves way connect transfer', StageKey::Connect, ''],
        ['Pick the machine', 'generator size price margin', StageKey::Size, ''],
        ['Quote and price of this job', 'price offer money parts labour', StageKey::PriceAndPapers, 'quotes'],
        ['Permit packet and letters', 'papers utility plumber permit inspector print', StageKey::PriceAndPapers, 'papers'],
        ['Wire table and one-line', 'conductors cable voltage drop conduit', StageKey::Wire, ''],
        ['Site plan and fuel', 'distance gas propane tank noise place', StageKey::PlaceAndFuel, ''],
    ];

    public function find(string $text, User $user, ?Job $open): array
    {
        $found = $open === null ? [] : self::ofJob($text, $open);
        foreach (self::OF_SHOP as [$words, $also, $route]) {
            if (Words::match($text, $words, $also)) {
                $found[] = new Found($words, 'shop', route($route));
            }
        }

        return $found;
    }

    /** @return list<Found> */
    private static function ofJob(string $text, Job $open): array
    {
        $found = [];
        $links = new StageLinks($open->id);
        foreach (self::AT_STAGE as [$words, $also, $stage, $at]) {
            if (Words::match($text, $words, $also)) {
                $found[] = new Found($words, 'this job', $links->to($stage).($at === '' ? '' : "#$at"));
            }
        }
        foreach (self::OF_JOB as [$words, $also, $route]) {
            if (Words::match($text, $words, $also)) {
                $found[] = new Found($words, 'this job', route($route, $open->id));
            }
        }

        return $found;
    }
}
