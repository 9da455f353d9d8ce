<?php

declare(strict_types=1);

return [
    'scale_address' => env('SCALE_ADDRESS', '127.0.0.1:9'),
];
