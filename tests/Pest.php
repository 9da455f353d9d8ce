<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\ApiTestCase;
use Tests\UpgradeTestCase;

pest()->extend(UpgradeTestCase::class)->in('Upgrade');
pest()->extend(ApiTestCase::class)->use(RefreshDatabase::class)->in('Api');

require_once __DIR__.'/Core/Support/make.php';
require_once __DIR__.'/Core/Support/evenings.php';
require_once __DIR__.'/Core/Support/plan.php';
require_once __DIR__.'/Reference/Support/scipy.php';
require_once __DIR__.'/Formats/Support/core.php';
require_once __DIR__.'/Devices/Support/scale.php';
require_once __DIR__.'/Api/Support/gym.php';
require_once __DIR__.'/Api/Support/staff.php';
require_once __DIR__.'/Api/Support/scripts.php';
require_once __DIR__.'/Browser/Support/processes.php';
require_once __DIR__.'/Browser/Support/rowers.php';
require_once __DIR__.'/Browser/Support/taps.php';
