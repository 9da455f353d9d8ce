<?php

declare(strict_types=1);

/** The rooms of the core in their order: each may use only those before it. */
const ROOMS = [
    'Report', 'Why', 'Drawing', 'Body', 'Kit', 'Setup', 'Safety', 'Exercise', 'Strength', 'Ladder', 'Method', 'Plan', 'Call', 'Floor', 'Trace', 'Simulation',
];

const GROUND = [
    'SteadyRung\CoreError',
    'SteadyRung\Crossing',
    'SteadyRung\Gravity',
    'SteadyRung\InWords',
    'SteadyRung\Middle',
    'SteadyRung\Normal',
    'SteadyRung\OutOfRange',
    'SteadyRung\Violation',
];

foreach (ROOMS as $i => $room) {
    $before = array_map(fn (string $name): string => "SteadyRung\\$name", array_slice(ROOMS, 0, $i + 1));

    arch("core/$room uses only the rooms before it")
        ->expect("SteadyRung\\$room")
        ->toOnlyUse([...$before, ...GROUND, 'Random']);
}

it('has every room of the core in the list', function (): void {
    $folders = array_map(basename(...), glob(dirname(__DIR__, 2).'/core/*', GLOB_ONLYDIR) ?: []);

    expect($folders)->toEqualCanonicalizing(ROOMS);
});

it('is told by PHPStan of everything in the core that is not pure', function (): void {
    $root = dirname(__DIR__, 2);
    $said = (string) shell_exec(
        'cd '.escapeshellarg($root)
            .' && vendor/bin/phpstan analyse -c phpstan.neon --no-progress --memory-limit=1G --error-format=raw tests/Arch/Support/impure.php 2>/dev/null',
    );
    preg_match_all('/:(\d+):The core is pure/', $said, $lines);
    $impure = array_keys(preg_grep('/\/\/ impure$/', file("$root/tests/Arch/Support/impure.php") ?: []) ?: []);

    expect(array_map(intval(...), $lines[1]))->toBe(array_map(fn (int $line): int => $line + 1, $impure));
});

arch('the core declares strict types')
    ->expect('SteadyRung')
    ->toUseStrictTypes();

/** The rooms of the shell in their order: each may use only the core and those before it. */
const SHELL = ['Formats', 'Problems', 'Devices', 'Models', 'Context', 'Responses', 'Queries', 'Mail', 'Actions', 'Http', 'Console', 'Providers'];

it('has no circle between the rooms of the shell', function (): void {
    $root = dirname(__DIR__, 2);
    $found = [];
    foreach (SHELL as $i => $room) {
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/app/$room", FilesystemIterator::SKIP_DOTS));
        foreach ($files as $file) {
            preg_match_all('/\\bApp\\\\(\w+)\\\\/', (string) file_get_contents($file->getPathname()), $used);
            foreach (array_diff(array_unique($used[1]), array_slice(SHELL, 0, $i + 1)) as $later) {
                $found[] = "$room uses $later in {$file->getFilename()}";
            }
        }
    }
    $folders = array_map(basename(...), glob("$root/app/*", GLOB_ONLYDIR) ?: []);

    expect($found)->toBe([])->and($folders)->toEqualCanonicalizing(SHELL);
});

arch('formats know the core and nothing of the web')
    ->expect('App\Formats')
    ->toOnlyUse(['SteadyRung', 'App\Formats', 'OpenApi\Attributes']);

arch('devices know the core and nothing of the shell')
    ->expect('App\Devices')
    ->toOnlyUse(['SteadyRung', 'App\Devices', 'Random', 'Symfony\Component\Mailer']);

arch('what is known, asked, answered and done knows no HTTP, and no facades')
    ->expect(['App\Context', 'App\Queries', 'App\Responses', 'App\Actions'])
    ->not->toUse(['Illuminate\Support\Facades', 'Illuminate\Http', 'App\Http']);

arch('actions answer nobody')
    ->expect('App\Actions')
    ->not->toUse(['App\Responses', 'App\Queries']);

it('writes nothing in a query', function (): void {
    $writing = '/->(save|saveOrFail|create|forceCreate|insert\w*|update\w*|upsert|delete|forceDelete|increment|decrement|statement|affectingStatement|transaction|push|touch)\(/';
    $found = [];
    foreach (
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator(
            dirname(__DIR__, 2).'/app/Queries',
            FilesystemIterator::SKIP_DOTS,
        )) as $file
    ) {
        if (preg_match($writing, (string) file_get_contents($file->getPathname()), $call) === 1) {
            $found[] = "{$file->getFilename()} calls $call[1]";
        }
    }

    expect($found)->toBe([]);
});

it('lets nothing but Laravel use the stand-ins of compat/', function (): void {
    $root = dirname(__DIR__, 2);
    $own = (string) shell_exec(
        'cd '.escapeshellarg($root)
            .' && grep -rlE "Symfony.Component.Clock|array_first\\(|array_last\\(" app core database bootstrap/app.php',
    );

    expect($own)->toBe('');
});

arch('no forgotten debugging')->expect(['dd', 'dump', 'var_dump', 'ray', 'print_r'])->not->toBeUsed();
