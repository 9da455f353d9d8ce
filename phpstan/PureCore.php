<?php

declare(strict_types=1);

namespace SteadyRung\PHPStan;

use PhpParser\Node;
use PHPStan\Analyser\Scope;
use PHPStan\Node\FunctionCallableNode;
use PHPStan\Rules\IdentifierRuleError;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;

/**
 * The core computes and nothing else: it calls the functions listed here, builds its own classes and those listed, and reads, writes
 * and prints nothing. Whatever is not listed is an error, so that a new function is looked at once.
 *
 * @implements Rule<Node>
 */
final class PureCore implements Rule
{
    private const FUNCTIONS = [
        'abs', 'array_column', 'array_fill', 'array_fill_keys', 'array_filter', 'array_flip',
        'array_diff', 'array_diff_key', 'array_intersect_assoc', 'array_intersect_key', 'array_key_first', 'array_key_last', 'array_keys', 'array_map', 'array_merge',
        'array_pop', 'array_count_values', 'array_combine', 'array_intersect', 'array_is_list', 'array_push', 'array_splice', 'array_reduce', 'array_reverse', 'array_search', 'array_slice', 'array_sum', 'array_unique', 'array_unshift',
        'array_values', 'arsort', 'asin', 'assert', 'atan2', 'ceil', 'cos', 'count', 'crc32', 'deg2rad', 'end', 'exp', 'explode', 'fdiv', 'floor', 'hash',
        'hypot', 'implode', 'in_array', 'intdiv', 'intval', 'is_array', 'is_string', 'krsort', 'ksort', 'lcfirst', 'log', 'max', 'mb_strlen', 'mb_strtolower', 'mb_strtoupper', 'mb_substr', 'min',
        'preg_match', 'preg_split', 'rad2deg', 'range',
        'reset', 'round', 'rtrim', 'serialize', 'sin', 'sort', 'sprintf', 'sqrt', 'str_replace', 'strcmp', 'strval', 'tan', 'trim', 'ucfirst', 'usort',
    ];

    /** Randomness that follows from a seed, and what PHP itself throws. */
    private const CLASSES = [
        'BackedEnum', 'Closure', 'DomainException', 'Generator', 'LogicException', 'Random\Engine\Mt19937', 'Random\Randomizer',
        'Throwable',
    ];

    private const SUPERGLOBALS = ['GLOBALS', '_COOKIE', '_ENV', '_FILES', '_GET', '_POST', '_REQUEST', '_SERVER', '_SESSION'];

    public function getNodeType(): string
    {
        return Node::class;
    }

    public function processNode(Node $node, Scope $scope): array
    {
        $namespace = (string) $scope->getNamespace();
        if ($namespace !== 'SteadyRung' && ! str_starts_with($namespace, 'SteadyRung\\')) {
            return [];
        }
        $found = self::impurity($node, $scope);

        return $found === null ? [] : [self::error("The core is pure: $found")];
    }

    private static function impurity(Node $node, Scope $scope): ?string
    {
        return match (true) {
            $node instanceof Node\Stmt\Echo_, $node instanceof Node\Expr\Print_, $node instanceof Node\Stmt\InlineHTML => 'it prints nothing.',
            $node instanceof Node\Expr\Exit_ => 'it ends nothing.',
            $node instanceof Node\Expr\Eval_, $node instanceof Node\Expr\Include_, $node instanceof Node\Expr\ShellExec => 'it runs no other code.',
            $node instanceof Node\Stmt\Global_, $node instanceof Node\Stmt\Static_ => 'it keeps nothing between calls.',
            $node instanceof Node\Expr\Variable && in_array($node->name, self::SUPERGLOBALS, true) => "it does not read \$$node->name.",
            $node instanceof Node\Expr\FuncCall => self::call($node),
            $node instanceof FunctionCallableNode => self::call($node->getOriginalNode()),
            $node instanceof Node\Expr\New_, $node instanceof Node\Expr\StaticCall => $node->class instanceof Node\Name
                ? self::class($scope->resolveName($node->class))
                : null,
            default => null,
        };
    }

    private static function call(Node\Expr\FuncCall $call): ?string
    {
        $name = $call->name instanceof Node\Name ? strtolower($call->name->toString()) : null;

        return $name === null || in_array($name, self::FUNCTIONS, true)
            ? null
            : "$name() is not on its list of functions (phpstan/PureCore.php).";
    }

    private static function class(string $name): ?string
    {
        return str_starts_with($name, 'SteadyRung\\') || in_array($name, self::CLASSES, true)
            ? null
            : "$name is not on its list of classes (phpstan/PureCore.php).";
    }

    private static function error(string $message): IdentifierRuleError
    {
        return RuleErrorBuilder::message($message)->identifier('core.pure')->build();
    }
}
