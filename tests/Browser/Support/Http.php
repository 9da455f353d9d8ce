<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

/**
 * A plain HTTP client with cookies, for what a browser would not do.
 */
final class Http
{
    private \CurlHandle $curl;

    public function __construct(private readonly string $base)
    {
        $this->curl = curl_init();
        curl_setopt($this->curl, CURLOPT_COOKIEFILE, '');
    }

    public static function signedIn(string $base): self
    {
        $http = new self($base);
        $http->send('GET', '/sanctum/csrf-cookie');
        [$status] = $http->send('POST', '/api/sign-in', ['email' => 'coach@hollowbrook.example', 'password' => 'chalk-and-rope']);

        return $status === 200 ? $http : throw new \RuntimeException("Sign-in answered $status.");
    }

    /**
     * @param  array<string, mixed>|string|null  $body
     * @return array{int, mixed} the status, 0 if there was no answer, and the JSON
     */
    public function send(string $method, string $path, array|string|null $body = null, bool $withToken = true): array
    {
        curl_setopt_array($this->curl, [
            CURLOPT_URL => $this->base.$path,
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => 20,
            CURLOPT_POSTFIELDS => is_array($body) ? json_encode($body, JSON_THROW_ON_ERROR) : (string) $body,
            CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json', "Origin: $this->base", ...($withToken ? ['X-XSRF-TOKEN: '.$this->token()] : [])],
        ]);
        $answer = curl_exec($this->curl);

        return [is_string($answer) ? (int) curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE) : 0, is_string($answer) ? json_decode($answer, true) : null];
    }

    private function token(): string
    {
        foreach ((array) curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $line) {
            $parts = explode("\t", (string) $line);
            if (($parts[5] ?? '') === 'XSRF-TOKEN') {
                return urldecode($parts[6]);
            }
        }

        return '';
    }
}
