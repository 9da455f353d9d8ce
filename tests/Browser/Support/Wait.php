<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

/**
 * Waiting for something to become true, looking often, giving up in the end.
 */
final class Wait
{
    /** However busy the machine is; what does not come at all comes too late as well. */
    public const MOST_S = 180.0;

    private const LOOK_EVERY_US = 40_000;

    /**
     * @param  \Closure(): mixed  $holds
     * @param  string|\Closure(): string  $otherwise  asked in the end only
     */
    public static function until(\Closure $holds, string|\Closure $otherwise, float $atMostS = self::MOST_S): mixed
    {
        $deadline = microtime(true) + $atMostS;
        while (microtime(true) < $deadline) {
            $result = $holds();
            if ($result !== false && $result !== null) {
                return $result;
            }
            usleep(self::LOOK_EVERY_US);
        }
        throw new \RuntimeException(is_string($otherwise) ? $otherwise : $otherwise());
    }

    public static function get(string $url): ?string
    {
        $curl = curl_init($url);
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 60]);
        $body = curl_exec($curl);
        curl_close($curl);

        return is_string($body) ? $body : null;
    }
}
