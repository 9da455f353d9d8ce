<?php

declare(strict_types=1);

use App\Models\Gym\User;

return [
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => User::class]],
];
