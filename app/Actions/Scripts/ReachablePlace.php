<?php

declare(strict_types=1);

namespace App\Actions\Scripts;

/**
 * Where an address leads, looked up once and held to, so that a name cannot lead elsewhere between the look and the call. Where many gyms
 * share an installation its operator keeps webhooks out of the machines around it (WEBHOOKS_PRIVATE=no).
 */
final readonly class ReachablePlace
{
    public function __construct(private bool $privateToo)
    {
    }

    /** @return list<string>|null for CURLOPT_RESOLVE, empty where there is no name to look up; null: it leads where it may not */
    public function of(string $address): ?array
    {
        if ($this->privateToo) {
            return [];
        }
        $host = trim((string) parse_url($address, PHP_URL_HOST), '[]');
        $port = parse_url($address, PHP_URL_PORT) ?? (str_starts_with(strtolower($address), 'https') ? 443 : 80);
        $isNumber = filter_var($host, FILTER_VALIDATE_IP) !== false;
        $numbers = $isNumber ? [$host] : (gethostbynamel($host) ?: []);
        foreach ($numbers as $number) {
            if (filter_var($number, FILTER_VALIDATE_IP, FILTER_FLAG_NO_PRIV_RANGE | FILTER_FLAG_NO_RES_RANGE) === false) {
                return null;
            }
        }

        return $numbers === [] ? null : ($isNumber ? [] : ["$host:$port:".implode(',', $numbers)]);
    }
}
