<?php

declare(strict_types=1);

/**
 * Changes one threshold at a time in Call, Plan, Safety and Strength, in a copy, and says which change no test of the core noticed.
 *
 *   php bench/mutations.php [--sample=25] [--seed=1]
 *
 * A change is a comparison that takes its bound in or leaves it out, an "and" for an "or", a whole number one higher, or a part a
 * tenth higher. The tests of the room are run first; a change that they let live is held against all tests of the core.
 */

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use Random\Engine\Mt19937;
use Random\Randomizer;

$root = dirname(__DIR__);
require "$root/vendor/autoload.php";

const ROOMS = [
    'Call' => 'tests/Core/Call',
    'Plan' => 'tests/Core/Plan tests/Core/Floor',
    'Safety' => 'tests/Core/Safety tests/Core/Plan tests/Core/Ladder/SafeRungsTest.php',
    'Strength' => 'tests/Core/Strength',
];
const BOUNDS = ['<' => '<=', '<=' => '<', '>' => '>=', '>=' => '>', '===' => '!==', '!==' => '===', '&&' => '||', '||' => '&&'];

/** @return list<array{int, int, string}> from, to and what to put there instead */
function changes(string $code): array
{
    $tree = (new ParserFactory)->createForHostVersion()->parse($code) ?? [];
    $finder = new NodeFinder;
    $found = [];
    foreach ($finder->findInstanceOf($tree, Node\Expr\BinaryOp::class) as $op) {
        $sigil = $op->getOperatorSigil();
        $between = [$op->left->getEndFilePos() + 1, $op->right->getStartFilePos() - 1];
        $at = strpos($code, $sigil, $between[0]);
        if (isset(BOUNDS[$sigil]) && $at !== false && $at <= $between[1]) {
            $found[] = [$at, $at + strlen($sigil), BOUNDS[$sigil]];
        }
    }
    foreach ($finder->findInstanceOf($tree, Node\Const_::class) as $const) {
        $value = $const->value;
        if ($value instanceof Node\Scalar\Int_ || $value instanceof Node\Scalar\Float_) {
            $found[] = [
                $value->getStartFilePos(),
                $value->getEndFilePos() + 1,
                $value instanceof Node\Scalar\Int_ ? (string) ($value->value + 1) : var_export($value->value * 1.1, true),
            ];
        }
    }

    return $found;
}

function dies(string $copy, string $tests): bool
{
    exec(
        'cd '.escapeshellarg($copy)
            ." && timeout 300 php -d opcache.enable_cli=1 -d opcache.jit_buffer_size=128M -d opcache.jit=function vendor/bin/pest --compact --bail $tests >/dev/null 2>&1",
        $_,
        $code,
    );

    return $code !== 0;
}

$options = getopt('', ['sample:', 'seed:']) + ['sample' => '25', 'seed' => '1'];
$copy = "$root/var/mutations";
exec(
    'rm -rf '.escapeshellarg($copy).' && git clone -q '.escapeshellarg($root).' '
        .escapeshellarg($copy).' && cp -r '.escapeshellarg("$root/vendor").' '.escapeshellarg($copy),
);
$all = [];
foreach (array_keys(ROOMS) as $room) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$copy/core/$room", FilesystemIterator::SKIP_DOTS)) as $file) {
        foreach ($file->getExtension() === 'php' ? changes((string) file_get_contents($file->getPathname())) : [] as $change) {
            $all[] = [$room, $file->getPathname(), ...$change];
        }
    }
}
usort($all, static fn (array $a, array $b): int => [$a[1], $a[2]] <=> [$b[1], $b[2]]);
$random = new Randomizer(new Mt19937((int) $options['seed']));
$picked = array_slice($random->shuffleArray($all), 0, (int) $options['sample']);
printf("%d of %d possible changes\n", count($picked), count($all));
$lived = 0;
foreach ($picked as [$room, $file, $from, $to, $instead]) {
    $code = (string) file_get_contents($file);
    file_put_contents($file, substr($code, 0, $from).$instead.substr($code, $to));
    $dead = dies($copy, ROOMS[$room]) || dies($copy, 'tests/Core');
    file_put_contents($file, $code);
    $lived += $dead ? 0 : 1;
    $line = substr_count($code, "\n", 0, $from) + 1;
    printf(
        "%s %s:%d  %s → %s\n",
        $dead ? 'noticed ' : 'SURVIVED',
        substr($file, strlen($copy) + 1),
        $line,
        substr($code, $from, $to - $from),
        $instead,
    );
}
printf("%d of %d survived\n", $lived, count($picked));
