<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\LoggedSet;

/**
 * Puts the log of an athlete together, a page at a time.
 */
final readonly class SetReading
{
    public function page(string $athleteId, int $number): SetPageJson
    {
        $query = LoggedSet::standing($athleteId)->orderByDesc('trained_on')->orderByDesc('performed_at')->orderByDesc('id');
        $page = Page::of($query, $number);

        return new SetPageJson(array_map(SetJson::of(...), $page->items), $page->next);
    }
}
