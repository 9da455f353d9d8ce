<?php

declare(strict_types=1);

/**
 * How the rooms stand: folders of more than 20 files, circles between the files of core and between rooms,
 * and the places of the client that import one another.
 *
 *   php bench/rooms.php
 *
 * Files are read, not run; a name in a docblock is no import.
 */

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\ParserFactory;

$root = dirname(__DIR__);
require "$root/vendor/autoload.php";

const MOST_FILES = 20;

/** @return list<string> files with one of the endings, from the root */
function files(string $root, string $folder, string ...$endings): array
{
    $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS));
    $found = [];
    foreach ($all as $file) {
        if ($file->isFile() && in_array($file->getExtension(), $endings, true)) {
            $found[] = substr($file->getPathname(), strlen($root) + 1);
        }
    }
    sort($found);

    return $found;
}

/** @return list<string> the class a PHP file declares, then those it names */
function names(string $file): array
{
    $tree = (new ParserFactory)->createForHostVersion()->parse((string) file_get_contents($file)) ?? [];
    $tree = (new NodeTraverser(new NameResolver))->traverse($tree);
    $finder = new NodeFinder;
    $class = $finder->findFirstInstanceOf($tree, Node\Stmt\ClassLike::class);
    $used = array_map(
        static fn (Node\Name\FullyQualified $name): string => $name->toString(),
        $finder->findInstanceOf($tree, Node\Name\FullyQualified::class),
    );

    return [$class->namespacedName->toString(), ...array_values(array_unique($used))];
}

/**
 * @param  array<string, list<string>>  $graph
 * @return list<list<string>> the strongly connected parts of more than one node, by Tarjan
 */
function circles(array $graph): array
{
    $index = $low = $stack = $found = [];
    $visit = function (string $at) use (&$visit, &$index, &$low, &$stack, &$found, $graph): void {
        $index[$at] = $low[$at] = count($index);
        $stack[$at] = true;
        foreach ($graph[$at] ?? [] as $next) {
            if (! isset($index[$next])) {
                $visit($next);
                $low[$at] = min($low[$at], $low[$next]);
            } elseif (isset($stack[$next])) {
                $low[$at] = min($low[$at], $index[$next]);
            }
        }
        if ($low[$at] === $index[$at]) {
            $part = [];
            do {
                $last = array_key_last($stack);
                unset($stack[$last]);
                $part[] = $last;
            } while ($last !== $at);
            if (count($part) > 1) {
                sort($part);
                $found[] = $part;
            }
        }
    };
    foreach (array_keys($graph) as $node) {
        if (! isset($index[$node])) {
            $visit($node);
        }
    }

    return $found;
}

/**
 * @param  array<string, list<string>>  $graph
 * @param  callable(string): string  $of
 * @return array<string, list<string>>
 */
function byRoom(array $graph, callable $of): array
{
    $rooms = [];
    foreach ($graph as $from => $all) {
        foreach ($all as $to) {
            if ($of($from) !== $of($to)) {
                $rooms[$of($from)][$of($to)] = true;
            }
        }
    }

    return array_map(array_keys(...), $rooms);
}

/** @param  list<list<string>>  $circles */
function tell(string $what, array $circles): void
{
    printf("%s: %d\n", $what, count($circles));
    foreach ($circles as $circle) {
        printf("  %d: %s\n", count($circle), implode(', ', $circle));
    }
}

$crowded = [];
foreach (['app', 'core', 'client', 'tests', 'bench', 'bin', 'database'] as $folder) {
    foreach (
        array_count_values(array_map(dirname(...), files($root, $folder, 'php', 'ts', 'vue', 'css', 'sh', 'sql', 'json'))) as $path => $count
    ) {
        if ($count > MOST_FILES) {
            $crowded[$path] = $count;
        }
    }
}
arsort($crowded);
printf("Folders of more than %d files: %d\n", MOST_FILES, count($crowded));
foreach ($crowded as $path => $count) {
    echo "  $count $path\n";
}

foreach (['core' => 'SteadyRung', 'app' => 'App'] as $folder => $prefix) {
    $graph = [];
    foreach (files($root, $folder, 'php') as $file) {
        [$class, $used] = [($all = names("$root/$file"))[0], array_slice($all, 1)];
        $graph[$class] = array_values(array_filter(
            $used,
            static fn (string $name): bool => $name !== $class && str_starts_with($name, "$prefix\\"),
        ));
    }
    $known = array_keys($graph);
    $graph = array_map(static fn (array $used): array => array_values(array_intersect($used, $known)), $graph);
    if ($folder === 'core') {
        tell('Circles between the files of core', circles($graph));
    }
    tell(
        "Circles between the rooms of $folder",
        circles(byRoom($graph, static fn (string $class): string => implode('\\', array_slice(explode('\\', $class), 0, 2)))),
    );
    tell(
        "Circles between the folders of $folder",
        circles(byRoom($graph, static fn (string $class): string => (string) preg_replace('/\\\\\w+$/', '', $class))),
    );
}

$graph = [];
foreach (files($root, 'client', 'ts', 'vue') as $file) {
    preg_match_all('/(?:from|import)\s*\(?\s*[\'"]([^\'"]+)[\'"]/', (string) file_get_contents("$root/$file"), $found);
    foreach ($found[1] as $path) {
        if (str_starts_with($path, '.')) {
            $to = realpath("$root/".dirname($file).'/'.$path.(preg_match('/\.\w+$/', $path) ? '' : '.ts'));
            if ($to !== false) {
                $graph[$file][] = substr($to, strlen($root) + 1);
            }
        }
    }
}
preg_match('/const BENEATH = \[(.+?)\]/s', (string) file_get_contents("$root/eslint.config.js"), $list);
preg_match_all("/'([\w-]+)'/", $list[1], $beneath); // the rooms that are no places
$room = static fn (string $file): string => explode('/', $file)[1];
tell('Circles between the rooms of client', circles(byRoom($graph, $room)));
$crossing = [];
foreach (byRoom($graph, $room) as $from => $all) {
    foreach (is_dir("$root/client/$from") && ! in_array($from, $beneath[1], true) ? array_diff($all, $beneath[1]) : [] as $to) {
        $crossing[] = "$from → $to";
    }
}
printf("Places that import a place: %d\n  %s\n", count($crossing), implode(', ', $crossing));
