<?php

declare(strict_types=1);

namespace App\Actions\Records;

use App\Formats\Stored\SealedColumn;
use App\Models\Casts\Sealed;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;
use Illuminate\Encryption\Encrypter;

/**
 * Seals everything that says something of health with the present key: what is plain, and what a former key sealed. It goes through all
 * gyms, some rows a transaction; done again it finds nothing to do, and what was broken off goes on.
 */
final readonly class SealRecords
{
    private const AT_ONCE = 500;

    public function __construct(private ConnectionInterface $db)
    {
    }

    /** @return int how many values were sealed */
    public function all(): int
    {
        return array_sum(array_map($this->of(...), array_filter(SealedColumn::cases(), $this->isHere(...))));
    }

    /** A migration seals what was there then; what later ones make is sealed from its first row on. */
    private function isHere(SealedColumn $column): bool
    {
        return (bool) $this->db->scalar('SELECT to_regclass(?) IS NOT NULL', [$column->table()]);
    }

    private function of(SealedColumn $column): int
    {
        $sealed = 0;
        $after = null;
        do {
            [$found, $anew, $after] = $this->db->transaction(fn (): array => $this->some($column, $after));
            $sealed += $anew;
        } while ($found === self::AT_ONCE);

        return $sealed;
    }

    /**
     * @param  array<string, string>|null  $after  the key of the last row
     * @return array{int, int, array<string, string>|null} rows looked at, rows changed, the last one
     */
    private function some(SealedColumn $column, ?array $after): array
    {
        $key = implode(', ', $column->key());
        $asked = implode(', ', array_fill(0, count($column->key()), '?'));
        $rows = $this->db->table($column->table())->whereRaw($column->found())
            ->when($after !== null, static fn (Builder $q) => $q->whereRaw("($key) > ($asked)", array_values($after ?? [])))
            ->orderByRaw($key)->limit(self::AT_ONCE)->lockForUpdate()
            ->get([...$column->key(), $column->column()])->all();
        $anew = 0;
        foreach ($rows as $row) {
            $held = (array) $row;
            $after = array_map(strval(...), array_intersect_key($held, array_flip($column->key())));
            $sealed = $this->anew($column, (string) $held[$column->column()]);
            if ($sealed !== null) {
                $this->db->table($column->table())->where($after)->update([$column->column() => $sealed]);
                $anew++;
            }
        }

        return [count($rows), $anew, $after];
    }

    /** None where the present key sealed it already, or there is nothing to seal. */
    private function anew(SealedColumn $column, string $held): ?string
    {
        $sealed = Sealed::sealIn($column, $held);
        if ($sealed === null) {
            $plain = json_decode($held, true, flags: JSON_THROW_ON_ERROR);

            return $column->seals($plain) ? Sealed::shut($column, $plain) : null;
        }
        if (! Encrypter::appearsEncrypted($sealed)) { // a note that was written down before notes were sealed
            return Sealed::shut($column, $sealed);
        }

        return $this->isOfNow($sealed) ? null : Sealed::held($column, Sealed::seal(Sealed::unseal($column, $sealed)));
    }

    private function isOfNow(string $sealed): bool
    {
        try {
            (new Encrypter(Model::currentEncrypter()->getKey(), 'AES-256-CBC'))->decrypt($sealed, false);

            return true;
        } catch (DecryptException) {
            return false;
        }
    }
}
