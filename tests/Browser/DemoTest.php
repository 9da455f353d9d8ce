<?php

declare(strict_types=1);

use SteadyRung\Call\Verdict;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;

it('has something to show for every call, lane, curve and state of a band', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn();
        $roster = $page->fetched('athletes')['items'];
        $kit = $page->fetched('kit');
        $athletes = array_map(
            fn (array $a): array => $page->fetched("athletes/{$a['id']}"),
            array_filter($roster, fn (array $a): bool => $a['setup_name'] !== null),
        );

        expect(count($roster))->toBeGreaterThanOrEqual(14)
            ->and(array_values(array_unique(array_filter(array_column(
                $roster,
                'verdict',
            )))))->toEqualCanonicalizing(array_column(Verdict::cases(), 'value'))
            ->and(array_unique(array_map(
                fn (array $b): string => $b['curve']['status'],
                $kit['bands'],
            )))->toEqualCanonicalizing(['estimated', 'one-point', 'measured'])
            ->and(array_unique(array_map(fn (array $b): bool => $b['wear']['due'], $kit['bands'])))->toEqualCanonicalizing([true, false])
            ->and(array_unique(array_map(
                fn (array $g): string => $g['figures']['kind'],
                $kit['gear'],
            )))->toEqualCanonicalizing(['bar', 'rings', 'box', 'plate', 'weight', 'machine']);
        foreach ($athletes as $athlete) {
            expect($athlete['rung_lost'])->toBeNull($athlete['name'])->and($athlete['row_capacity'])->not->toBeNull($athlete['name']);
        }
        expect(array_unique(array_map(
            fn (array $a): string => $a['rung']['exercise']['setup']['kind'],
            $athletes,
        )))->toContain('band')->toContain('row');
    } finally {
        $page->close();
    }
});
