<?php

declare(strict_types=1);

/**
 * Keeps the exact versions of all installed PHP packages as the requirements of two metapackages in packages/: what the application
 * needs, and what its tests need beside it.
 *
 *   php bin/pin.php          writes what is installed
 *   php bin/pin.php --check  says where what is installed differs
 */
$root = dirname(__DIR__);
$installed = json_decode((string) file_get_contents("$root/vendor/composer/installed.json"), true, flags: JSON_THROW_ON_ERROR);
$wanted = ['exact' => [], 'exact-dev' => []];
foreach ($installed['packages'] as $package) {
    if (! str_starts_with($package['name'], 'steady-rung/')) {
        $wanted[in_array($package['name'], $installed['dev-package-names'], true) ? 'exact-dev' : 'exact'][$package['name']] = ltrim($package['version'], 'v');
    }
}
$differ = [];
foreach ($wanted as $name => $require) {
    ksort($require);
    $file = "$root/packages/$name/composer.json";
    $kept = is_file($file) ? json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR) : [];
    foreach (array_keys($require + ($kept['require'] ?? [])) as $package) {
        [$is, $was] = [$require[$package] ?? 'not there', $kept['require'][$package] ?? 'not there'];
        if ($is !== $was) {
            $differ[] = "$package is $is, packages/$name says $was.";
        }
    }
    if (! in_array('--check', $argv, true)) {
        @mkdir(dirname($file), recursive: true);
        file_put_contents($file, json_encode(
            ['name' => "steady-rung/$name", 'description' => 'The exact versions of the packages, written by bin/steady pin.', 'type' => 'metapackage', 'version' => '1.0.0', 'require' => $require],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        )."\n");
    }
}
echo $differ === [] ? "All packages are the ones in packages/.\n" : implode("\n", $differ)."\n";
exit(in_array('--check', $argv, true) && $differ !== [] ? 1 : 0);
