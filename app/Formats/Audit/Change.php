<?php

declare(strict_types=1);

namespace App\Formats\Audit;

/**
 * What something was before it was changed, and what it is since: only what differs, of a JSON object by "column.key".
 */
final readonly class Change
{
    /** A moment at which something ended is told as whether it did. */
    private const ENDS = '_at';

    /** In which form a JSON object is kept; nobody changes that. */
    private const FORM = '.v';

    /**
     * @param  array<string, mixed>|null  $was  none: it was not there
     * @param  array<string, mixed>|null  $is
     */
    private function __construct(private ?array $was, private ?array $is)
    {
    }

    /**
     * @param  array<string, mixed>|null  $before  values by column, JSON objects as objects; empty where there was no row
     * @param  array<string, mixed>|null  $after
     * @return self|null none where nothing differs, or nothing can be compared
     */
    public static function between(?array $before, ?array $after): ?self
    {
        if ($before === null || $after === null) {
            return null;
        }
        [$was, $is] = [self::flat($before), self::flat($after)];
        $differs = array_filter(array_keys($was + $is), static fn (string $key): bool => ! self::same($was[$key] ?? null, $is[$key] ?? null));

        return $differs === []
            ? null
            : new self($before === [] ? null : self::of($was, $differs), $after === [] ? null : self::of($is, $differs));
    }

    /** @param  array{was?: array<string, mixed>|null, is?: array<string, mixed>|null}  $kept  as kept() gives it; empty where nothing was kept */
    public static function read(array $kept): ?self
    {
        return array_key_exists('was', $kept) && array_key_exists('is', $kept) ? new self($kept['was'], $kept['is']) : null;
    }

    /** @return array{was: array<string, mixed>|null, is: array<string, mixed>|null} */
    public function kept(): array
    {
        return ['was' => $this->was, 'is' => $this->is];
    }

    public function back(): self
    {
        return new self($this->is, $this->was);
    }

    /** @param  array<string, mixed>  $row  values by column, as they are now; empty where there is none */
    public function stands(array $row): bool
    {
        return $this->is === null || $row === []
            ? $this->is === null && $row === []
            : self::same(self::of(self::flat($row), array_keys($this->is)), $this->is);
    }

    /**
     * The columns that were changed as they were, where the rest is as it is now.
     *
     * @param  array<string, mixed>  $row  values by column, as they are now
     * @return array<string, mixed>|null none where it was not there
     */
    public function undone(array $row): ?array
    {
        if ($this->was === null) {
            return null;
        }
        $columns = [];
        foreach ($this->was as $key => $value) {
            [$column, $inside] = [...explode('.', $key, 2), null];
            $columns[$column] = $inside === null ? $value : [...(array) ($columns[$column] ?? $row[$column] ?? []), $inside => $value];
        }

        return array_map(
            static fn (mixed $value): mixed => is_array($value) ? array_filter($value, static fn (mixed $v): bool => $v !== null) : $value,
            $columns,
        );
    }

    /**
     * As people read it: what is nested is not told.
     *
     * @return list<array{what: string, from: string|null, to: string|null}>
     */
    public function told(): array
    {
        return array_map(fn (string $key): array => [
            'what' => self::called($key),
            'from' => self::text($key, $this->was[$key] ?? null),
            'to' => self::text($key, $this->is[$key] ?? null),
        ], array_values(array_filter(
            array_keys($this->was ?? $this->is ?? []),
            static fn (string $key): bool => ! str_ends_with($key, self::FORM),
        )));
    }

    private static function same(mixed $one, mixed $other): bool
    {
        return json_decode((string) json_encode($one), true) === json_decode((string) json_encode($other), true);
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string>  $keys
     * @return array<string, mixed>
     */
    private static function of(array $values, array $keys): array
    {
        return array_map(static fn (string $key): mixed => $values[$key] ?? null, array_combine($keys, $keys));
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function flat(array $row): array
    {
        $flat = [];
        foreach ($row as $column => $value) {
            if ($value instanceof \stdClass) {
                foreach ((array) $value as $key => $inside) {
                    $flat["$column.$key"] = $inside;
                }
            } else {
                $flat[$column] = $value;
            }
        }

        return $flat;
    }

    private static function called(string $key): string
    {
        $name = substr(strrchr(".$key", '.') ?: '.', 1);

        return str_ends_with($name, self::ENDS) ? substr($name, 0, -strlen(self::ENDS)) : $name;
    }

    private static function text(string $key, mixed $value): ?string
    {
        return match (true) {
            str_ends_with($key, self::ENDS) => $value === null ? 'no' : 'yes',
            is_bool($value) => $value ? 'yes' : 'no',
            is_scalar($value) => (string) $value,
            is_array($value) && array_filter($value, is_scalar(...)) === $value => implode(', ', $value),
            default => null,
        };
    }
}
