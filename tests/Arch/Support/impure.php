<?php

declare(strict_types=1);

namespace SteadyRung;

// What a class of the core could do and may not: never run, only looked at.
function impure(string $file): void
{
    echo $file; // impure
    echo $file; // impure
    $now = new \DateTimeImmutable; // impure
    $parsed = \DateTimeImmutable::createFromFormat('Y', $file); // impure
    $year = gmdate('Y'); // impure
    $clock = time(...); // impure
    $dice = random_int(1, 6); // impure
    $host = $_SERVER['HTTP_HOST'] ?? null; // impure
    $lines = file($file); // impure
    header('X-Rung: 1'); // impure
    $listing = `ls`; // impure
    include $file; // impure
    eval($file); // impure
    static $calls = 0; // impure
    global $kept; // impure
    $sum = array_sum([1, 2]);
    exit($calls); // impure
}
