<?php

declare(strict_types=1);

return [
    'scale_address' => env('SCALE_ADDRESS', '127.0.0.1:9'),
    // Where a simulated scale is shown: in the "demo" gym alone, or "everywhere"; it measures nothing outside the demo.
    'scale_simulated' => env('SCALE_SIMULATED', 'demo'),
];
