<?php

declare(strict_types=1);

namespace App\Bench;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use Psr\Http\Message\ResponseInterface;

/** A signed-in visitor of the served app, who can tell how long an answer took. */
final class Visitor
{
    private readonly Client $http;

    private string $token = '';

    public function __construct(string $url)
    {
        $this->http = new Client(
            ['base_uri' => $url, 'cookies' => new CookieJar, 'http_errors' => false, 'allow_redirects' => true, 'decode_content' => false]
        );
    }

    public function signIn(string $email, string $password): void
    {
        $this->readToken($this->get('/sign-in'));
        $this->http->post('/sign-in', ['form_params' => ['_token' => $this->token, 'email' => $email, 'password' => $password]]);
        $this->readToken($this->get('/account'));
    }

    public function get(string $path): ResponseInterface
    {
        return $this->http->get($path);
    }

    /** As a browser asks: compressed. */
    public function getCompressed(string $path): ResponseInterface
    {
        return $this->http->get($path, ['headers' => ['Accept-Encoding' => 'gzip']]);
    }

    /** The parts that a page has, as its script names them: "role:1a2b3c4d strip:…". */
    public function partsOf(string $path): string
    {
        $page = (string) $this->get($path)->getBody();
        preg_match_all('/data-print="([0-9a-f]{8})" id="part-([a-z0-9-]+)"/', $page, $found, PREG_SET_ORDER);

        return implode(' ', array_map(fn (array $part): string => "$part[2]:$part[1]", $found));
    }

    /**
     * @param  array<string, string>  $fields
     * @param  string  $parts  that the page has; "1": all that there are
     */
    public function change(string $path, string $method, array $fields, string $parts = '1'): ResponseInterface
    {
        return $this->http->post($path, [
            'form_params' => ['_token' => $this->token, '_method' => $method, ...$fields],
            'headers' => ['X-Parts' => $parts, 'Accept' => 'application/json, text/html'],
        ]);
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  array<string, string>  $heads
     */
    public function put(string $path, array $body, array $heads): ResponseInterface
    {
        $own = ['X-CSRF-TOKEN' => $this->token, 'Accept' => 'application/json'];

        return $this->http->put($path, ['json' => $body, 'headers' => $heads + $own]);
    }

    /** What the visitor carries, as a browser would send it. */
    public function cookies(): string
    {
        $jar = $this->http->getConfig('cookies');
        $all = $jar instanceof CookieJar ? $jar->toArray() : [];

        return implode('; ', array_map(fn (array $c): string => "$c[Name]=$c[Value]", $all));
    }

    /** @param  array<string, mixed>  $body */
    public function send(string $path, array $body): ResponseInterface
    {
        return $this->http->post($path, ['json' => $body, 'headers' => ['X-CSRF-TOKEN' => $this->token, 'Accept' => 'application/json']]);
    }

    private function readToken(ResponseInterface $page): void
    {
        $this->token = preg_match('/name="csrf-token" content="([^"]+)"/', (string) $page->getBody(), $found) === 1 ? $found[1] : '';
    }
}
