<?php

declare(strict_types=1);

// Loads beforehand what every request needs; a file that cannot be linked yet is compiled when it is asked for.
$list = getenv('STEADY_VAR').'/cache/loaded';
foreach (is_file($list) ? file($list, FILE_IGNORE_NEW_LINES) ?: [] : [] as $file) {
    if (is_file($file)) {
        opcache_compile_file($file);
    }
}
