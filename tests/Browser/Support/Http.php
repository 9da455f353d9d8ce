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
        [$status] = $http->send('POST', '/api/v1/sign-in', ['email' => 'coach@hollowbrook.example', 'password' => 'chalk-and-rope']);

        return $status === 200 ? $http : throw new \RuntimeException("Sign-in answered $status.");
    }

    /**
     * @param  array<string, mixed>|string|null  $body
     * @param  array<string, string>  $headers
     * @return array{int, mixed} the status, 0 if there was no answer, and the JSON
     */
    public function send(string $method, string $path, array|string|null $body = null, bool $withToken = true, array $headers = []): array
    {
        $this->ask($this->curl, $method, $path, $body, $withToken, $headers);
        $answer = curl_exec($this->curl);

        return [
            is_string($answer) ? (int) curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE) : 0,
            is_string($answer) ? json_decode($answer, true) : null,
        ];
    }

    /** What stands at an address, as it is. */
    public function text(string $path): string
    {
        $this->ask($this->curl, 'GET', $path, null, true);
        $answer = curl_exec($this->curl);

        return is_string($answer) && curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE) === 200
            ? $answer
            : throw new \RuntimeException("$path did not answer.");
    }

    /**
     * Sends and goes on.
     *
     * @param  array<string, mixed>  $body
     * @return \Closure(): array{int, mixed, string} waits for the status, the JSON and the headers
     */
    public function begin(string $method, string $path, array $body): \Closure
    {
        $curl = curl_init();
        $this->ask($curl, $method, $path, $body, true);
        $cookies = array_map(
            static fn (string $line): string => implode('=', array_slice(explode("\t", $line), 5)),
            (array) curl_getinfo($this->curl, CURLINFO_COOKIELIST),
        );
        curl_setopt_array($curl, [CURLOPT_COOKIE => implode('; ', $cookies), CURLOPT_HEADER => true]);
        $many = curl_multi_init();
        curl_multi_add_handle($many, $curl);
        for ($sending = 0; $sending < 5; $sending++) {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 0.01);
        }

        return static function () use ($many, $curl): array {
            do {
                curl_multi_exec($many, $running);
                curl_multi_select($many, 0.2);
            } while ($running > 0);
            $answer = (string) curl_multi_getcontent($curl);
            $size = (int) curl_getinfo($curl, CURLINFO_HEADER_SIZE);

            return [
                (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE),
                json_decode(substr($answer, $size), true),
                substr($answer, 0, $size),
            ];
        };
    }

    /**
     * @param  array<string, mixed>|string|null  $body
     * @param  array<string, string>  $headers
     */
    private function ask(\CurlHandle $curl, string $method, string $path, array|string|null $body, bool $withToken, array $headers = []): void
    {
        curl_setopt_array($curl, [
            CURLOPT_URL => $this->base.$path,
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => 180,
            CURLOPT_POSTFIELDS => is_array($body) ? json_encode($body, JSON_THROW_ON_ERROR) : (string) $body,
            CURLOPT_HTTPHEADER => [
                'Content-Type: application/json',
                'Accept: application/json',
                "Origin: $this->base",
                ...array_map(static fn (string $name, string $value): string => "$name: $value", array_keys($headers), $headers),
                ...($withToken ? ['X-XSRF-TOKEN: '.$this->token()] : []),
            ],
        ]);
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
