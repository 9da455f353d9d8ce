<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Athlete;
use App\Models\Band;
use App\Models\Gear;
use Illuminate\Database\ConnectionInterface;

/**
 * Adds, changes or retires a piece of gear; every call that waits is made anew on the kit as it is now.
 */
final readonly class ChangeGear
{
    public function __construct(
        private ConnectionInterface $db,
        private StoreOnce $storeOnce,
        private MakeCall $calls,
    ) {
    }

    /**
     * @template T of Gear|Band
     *
     * @param  T  $gear
     * @return Stored<T>
     */
    public function add(Gear|Band $gear, object $request): Stored
    {
        return $this->db->transaction(function () use ($gear, $request): Stored {
            $stored = $this->storeOnce->store($gear, $request);
            if ($stored->isNew) {
                $this->remakeCalls();
            }

            return $stored;
        });
    }

    /** @param  array<string, mixed>  $columns */
    public function change(Gear|Band $gear, array $columns): void
    {
        $this->db->transaction(function () use ($gear, $columns): void {
            $gear->fill($columns)->save();
            $this->remakeCalls();
        });
    }

    private function remakeCalls(): void
    {
        foreach (Athlete::query()->whereNotNull('chosen')->orderBy('id')->lockForUpdate()->get() as $athlete) {
            $this->calls->for($athlete);
        }
    }
}
