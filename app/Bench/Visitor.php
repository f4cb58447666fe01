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

    /** @param  array<string, string>  $fields */
    public function change(string $path, string $method, array $fields): ResponseInterface
    {
        return $this->http->post($path, [
            'form_params' => ['_token' => $this->token, '_method' => $method, ...$fields],
            'headers' => ['X-Parts' => '1', 'Accept' => 'application/json, text/html'],
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
