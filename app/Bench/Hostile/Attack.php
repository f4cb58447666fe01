<?php

declare(strict_types=1);

namespace App\Bench\Hostile;

use Generator;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\Coroutine;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use GuzzleHttp\RequestOptions;
use Psr\Http\Message\ResponseInterface;

/**
 * Many people at once at a served app, each in a job of their own: forms with what does not belong in them, spoiled
 * files, and between them a change that is right, which must be there in the end as it was acknowledged.
 */
final class Attack
{
    /** what is brought in => path below a job, and the field of the file */
    private const FILES = [
        'schedule' => ['schedule', 'file'], 'intervals' => ['intervals', 'file'], 'recording' => ['recordings/import', 'file'],
        'photo' => ['photos', 'photos[]'], 'job' => ['', 'file'],
    ];

    /** Of a person's requests, in ten: the rest are forms. */
    private const FILES_IN_TEN = 3;

    private const TRUE_EVERY = 10;

    public readonly Tally $tally;

    /** @var array<int, string> the last name that was acknowledged, by job */
    public array $acknowledged = [];

    private readonly CurlMultiHandler $handler;

    /** @param  array<string, string>  $good  by what is brought in, a file that is right */
    public function __construct(private readonly string $url, private readonly array $good)
    {
        $this->tally = new Tally;
        $this->handler = new CurlMultiHandler;
    }

    /**
     * @param  list<array{email: string, password: string, job: int}>  $people
     * @param  callable(Tally): bool  $isEnough
     */
    public function run(array $people, callable $isEnough): void
    {
        // One after the other: the door lets only so many try at once from one place.
        $doors = array_map($this->enter(...), $people);
        $all = [];
        foreach ($people as $seed => $person) {
            $all[] = Coroutine::of(fn (): Generator => $this->person($doors[$seed], $person, $seed, $isEnough));
        }
        Utils::all($all)->wait();
    }

    /** @param  array{email: string, password: string, job: int}  $person */
    private function enter(array $person): Client
    {
        $http = new Client([
            'base_uri' => $this->url, RequestOptions::COOKIES => new CookieJar, RequestOptions::HTTP_ERRORS => false,
            'handler' => HandlerStack::create($this->handler), RequestOptions::ALLOW_REDIRECTS => false, RequestOptions::TIMEOUT => 120,
        ]);
        $http->post('/sign-in', [RequestOptions::FORM_PARAMS => [
            '_token' => self::token($http->get('/sign-in')), 'email' => $person['email'], 'password' => $person['password'],
        ]]);

        return $http;
    }

    /**
     * @param  array{email: string, password: string, job: int}  $person
     * @param  callable(Tally): bool  $isEnough
     * @return Generator<int, PromiseInterface, mixed, mixed>
     */
    private function person(Client $http, array $person, int $seed, callable $isEnough): Generator
    {
        $malice = new Malice($seed);
        $token = self::token(yield $http->getAsync('/account'));
        $job = "/jobs/{$person['job']}";
        $forms = [];
        foreach (['/', '/machines/new', '/library/new', '/local-rules/new', ...self::pages($job)] as $page) {
            $answer = yield $http->getAsync($page);
            $this->tally->note("GET $page", $answer);
            array_push($forms, ...Form::of(self::html($answer)));
        }
        for ($n = 1; ! $isEnough($this->tally); $n++) {
            if ($n % self::TRUE_EVERY === 0) {
                $name = "House of {$person['email']} $n";
                $answer = yield $this->send($http, $token, new Form($job, 'PATCH', []), $job, [
                    'name' => $name, 'customer_name' => '', 'customer_address' => '', 'customer_phone' => '', 'customer_email' => '',
                    'customer_utility_phone' => '', 'service_a' => '200', 'notes' => '',
                ]);
                if ($this->tally->note("PATCH $job", $answer) === 200) {
                    $this->acknowledged[$person['job']] = $name;
                }
            } elseif ($malice->below(10) < self::FILES_IN_TEN) {
                yield from $this->file($http, $token, $malice, $job);
            } else {
                $form = $forms[$malice->below(count($forms))];
                // What is right is said of the job's facts above: these are not to be overwritten here.
                $path = $form->path === $job ? "$job/site" : $malice->path($form);
                $this->tally->forms++;
                $this->tally->note("$form->method $path", yield $this->send($http, $token, $form, $path, $malice->fields($form)));
            }
        }
    }

    /** @return Generator<int, PromiseInterface, mixed, mixed> */
    private function file(Client $http, string $token, Malice $malice, string $job): Generator
    {
        $what = array_keys(self::FILES)[$malice->below(count(self::FILES))];
        [$below, $field] = self::FILES[$what];
        $path = $what === 'job' ? '/jobs/import' : "$job/$below";
        $fields = [
            '_token' => $token, 'of' => 'stage', 'of_key' => 'survey', 'zone' => 'eastern', 'decimal' => '.', 'at' => '', 'text' => '',
        ];
        $part = fn (string $name, string $value): array => ['name' => $name, 'contents' => $value];
        $parts = array_map($part, array_keys($fields), $fields);
        $parts[] = ['name' => $field, 'contents' => $malice->file($what, $this->good), 'filename' => "a.$what"];
        $this->tally->files++;
        $this->tally->note("POST $path", yield $http->postAsync($path, [
            RequestOptions::MULTIPART => $parts,
            RequestOptions::HEADERS => ['X-Parts' => '1', 'Accept' => 'application/json, text/html'],
        ]));
    }

    /** @param  array<string, mixed>  $fields */
    private function send(Client $http, string $token, Form $form, string $path, array $fields): PromiseInterface
    {
        return $http->postAsync($path, [
            RequestOptions::FORM_PARAMS => ['_token' => $token, '_method' => $form->method, ...$fields],
            RequestOptions::HEADERS => ['X-Parts' => '1', 'Accept' => 'application/json, text/html'],
        ]);
    }

    /** @return list<string> */
    private static function pages(string $job): array
    {
        return array_map(fn (string $page): string => "$job/$page", [
            'survey', 'survey?at=c5', 'survey?panel=main&space=20', 'loads', 'loads?at=c5', 'size', 'connect', 'wire', 'run', 'rules',
            'demand', 'meter', 'recordings', 'intervals', 'schools', 'schedule',
        ]);
    }

    private static function token(mixed $page): string
    {
        return preg_match('/name="csrf-token" content="([^"]+)"/', self::html($page), $found) === 1 ? $found[1] : '';
    }

    private static function html(mixed $page): string
    {
        return $page instanceof ResponseInterface ? (string) $page->getBody() : '';
    }
}
