<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/**
 * A database as the first version left it, restored once and brought up to date; each test works in a transaction.
 */
abstract class UpgradeTestCase extends TestCase
{
    private const DATABASE = 'steady_upgrade';

    private static bool $restored = false;

    protected function setUp(): void
    {
        parent::setUp();
        self::$restored || $this->restore();
        self::$restored = true;
        config(['database.connections.pgsql.database' => self::DATABASE]);
        DB::purge();
        DB::beginTransaction();
    }

    protected function tearDown(): void
    {
        DB::rollBack();
        parent::tearDown();
    }

    private function restore(): void
    {
        DB::statement('DROP DATABASE IF EXISTS '.self::DATABASE.' WITH (FORCE)');
        DB::statement('CREATE DATABASE '.self::DATABASE);
        $psql = new Process(
            [
                'psql',
                '-q',
                '-v',
                'ON_ERROR_STOP=1',
                '-h',
                config('database.connections.pgsql.host'),
                '-U',
                config('database.connections.pgsql.username'),
                '-d',
                self::DATABASE,
            ],
            env: ['PGPASSWORD' => config('database.connections.pgsql.password')],
            input: (string) gzdecode((string) file_get_contents(__DIR__.'/Upgrade/first-version.sql.gz')),
        );
        $psql->setTimeout(null)->mustRun();
        config(['database.connections.pgsql.database' => self::DATABASE]);
        DB::purge();
        $this->app?->make(Kernel::class)->call('migrate', ['--force' => true]);
    }
}
