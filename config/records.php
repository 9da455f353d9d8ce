<?php

declare(strict_types=1);

/** What is kept of people's health is encrypted with a key of its own. A former one opens only what is not sealed anew yet. */
return [
    'key' => env('RECORDS_KEY'),
    'former_key' => env('RECORDS_FORMER_KEY'),
];
