<?php

declare(strict_types=1);

/** Milliseconds of processor time that processes below these have used so far, whatever became of their children. */
function usedMs(int ...$roots): float
{
    $parents = $used = [];
    foreach (glob('/proc/[0-9]*/stat') ?: [] as $file) {
        $fields = explode(' ', (string) preg_replace('/^.*\) /', '', (string) @file_get_contents($file)));
        if (count($fields) > 14) {
            $pid = (int) basename(dirname($file));
            $parents[$pid] = (int) $fields[1];
            $used[$pid] = array_sum(array_slice($fields, 11, 4)) * 10.0;
        }
    }
    $sum = 0.0;
    foreach ($used as $pid => $ms) {
        for ($up = $pid; $up > 1; $up = $parents[$up] ?? 0) {
            if (in_array($up, $roots, true)) {
                $sum += $ms;
                break;
            }
        }
    }

    return $sum;
}

function postmaster(string $var): int
{
    foreach (["$var/pg", '/var/lib/postgresql/steady-rung-'.substr(hash('sha256', "$var\n"), 0, 12)] as $folder) {
        if (is_file("$folder/postmaster.pid")) {
            return (int) strtok((string) file_get_contents("$folder/postmaster.pid"), "\n");
        }
    }
    exit("PostgreSQL does not run.\n");
}
