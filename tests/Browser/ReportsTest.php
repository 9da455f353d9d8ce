<?php

declare(strict_types=1);

use Tests\Browser\Support\Http;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Wait;

const REPORTED_ON = '01900000-0000-7000-8000-000000000109';

/** Every row of the demo by its table, as its export has it; counted here and not by the database. */
function exportedRows(): array
{
    static $rows = null;
    if ($rows === null) {
        foreach (explode("\n", trim(Http::signedIn(Instance::url())->text('/api/v1/export'))) as $line) {
            $entry = json_decode($line, true, flags: JSON_THROW_ON_ERROR);
            $rows[$entry['table'] ?? ''][] = $entry['row'] ?? [];
        }
    }

    return $rows;
}

/** Sets that neither were taken back nor corrected. */
function standingSets(?callable $of = null): array
{
    $sets = exportedRows()['logged_sets'];
    $replaced = array_flip(array_filter(array_column($sets, 'replaces_id')));
    $stand = array_filter($sets, fn (array $s): bool => ! $s['withdrawn'] && ! isset($replaced[$s['id']]));

    return array_values($of === null ? $stand : array_filter($stand, $of));
}

function failedOf(array $sets): array
{
    $asked = array_filter($sets, fn (array $s): bool => $s['asked_reps'] !== null && $s['clean_reps'] !== null);

    return [count(array_filter($asked, fn (array $s): bool => $s['clean_reps'] < 0.6 * $s['asked_reps'])), count($asked)];
}

it('reports of each athlete of the demo what a count by hand of the export gives', function (): void {
    $http = Http::signedIn(Instance::url());
    foreach (exportedRows()['athletes'] as $athlete) {
        [$status, $report] = $http->send('GET', "/api/v1/athletes/$athlete[id]/report?range=season");
        $sets = standingSets(fn (array $s): bool => $s['athlete_id'] === $athlete['id'] && $s['trained_on'] >= $report['from']);
        $noCounts = [];
        foreach ($sets as $set) {
            foreach ((array) $set['no_counts'] as $reason => $reps) {
                $noCounts[$reason] = ($noCounts[$reason] ?? 0) + $reps;
            }
        }
        $kj = array_sum(array_map(fn (array $s): float => (float) $s['clean_reps'] * $s['carried_kg'] * $s['travel_m'] * 9.80665e-3, $sets));
        expect($status)->toBe(200)->and($report['sets'])->toBe(count($sets))
            ->and($report['days'])->toBe(count(array_unique(array_column($sets, 'trained_on'))))
            ->and($report['reps'])->toBe((int) array_sum(array_column($sets, 'clean_reps')))
            ->and([$report['failed']['some'], $report['failed']['all']])->toBe(failedOf($sets))
            ->and(array_column($report['no_counts'], 'reps', 'reason'))->toEqualCanonicalizing(array_filter($noCounts))
            ->and($report['work_kj'])->toEqualWithDelta($kj, 1e-6 + 1e-9 * $kj);
    }
});

it('counts the demo’s bands and its weekly class as the export has them', function (): void {
    $http = Http::signedIn(Instance::url());
    $stand = array_flip(array_column(standingSets(), 'id'));
    $used = array_count_values(array_column(
        array_filter(exportedRows()['set_bands'], fn (array $b): bool => isset($stand[$b['set_id']])),
        'band_id',
    ));
    $bands = $http->send('GET', '/api/v1/reports/bands')[1]['bands'];
    expect(array_column($bands, 'sets', 'id'))->toEqualCanonicalizing($used + array_fill_keys(array_column($bands, 'id'), 0))
        ->and($bands[0]['sets'])->toBe(max($used));

    $class = array_values(array_filter(exportedRows()['classes'], fn (array $c): bool => $c['weekly']))[0];
    $report = $http->send('GET', "/api/v1/classes/$class[id]/report?range=season")[1];
    $zone = new DateTimeZone($http->send('GET', '/api/v1/me')[1]['timezone']);
    $byDay = [];
    foreach (standingSets(fn (array $s): bool => $s['purpose'] !== 'home') as $set) {
        $begins = new DateTimeImmutable("$set[trained_on] $class[at]", $zone);
        $after = (new DateTimeImmutable($set['performed_at']))->getTimestamp() - $begins->getTimestamp();
        $isHeld = (int) (new DateTimeImmutable($class['first_on']))->diff(new DateTimeImmutable($set['trained_on']))->format('%r%a') % 7 === 0;
        if ($isHeld && $set['trained_on'] >= $report['from'] && $after >= -1800 && $after <= 60 * $class['minutes'] + 1800) {
            $byDay[$set['trained_on']][$set['athlete_id']][] = $set;
        }
    }
    expect(array_sum(array_column($report['days'], 'came')))->toBeGreaterThan(20);
    foreach ($report['days'] as $day) {
        $sets = array_merge([], ...array_values($byDay[$day['on']] ?? []));
        expect([$day['came'], $day['sets'], $day['reps']])->toBe([
            count($byDay[$day['on']] ?? []), count($sets), (int) array_sum(array_column($sets, 'clean_reps')),
        ]);
    }
});

it('counts the demo’s calls and methods as the export has them', function (): void {
    $report = Http::signedIn(Instance::url())->send('GET', '/api/v1/reports/methods')[1];
    $calls = array_filter(exportedRows()['calls'], fn (array $c): bool => substr($c['made_at'], 0, 10) >= $report['calls_from']);
    foreach ($report['calls'] as $line) {
        $of = array_filter($calls, fn (array $c): bool => $c['verdict'] === $line['verdict']);
        $by = array_count_values(array_map(fn (array $c): string => $c['decision'] ?? 'open', $of));
        expect([$line['open'], $line['accepted'], $line['overridden']])->toBe([$by['open'] ?? 0, $by['accepted'] ?? 0, $by['overridden'] ?? 0]);
    }
    $isStrict = fn (array $s): bool => $s['effective_share'] >= 0.999 && $s['clean_reps'] >= 1 && ($s['exercise']['movement'] ?? 'full') === 'full'
        && $s['purpose'] !== 'home';
    $first = [];
    foreach (standingSets() as $set) {
        $first[$set['athlete_id']]['trained'] = min($first[$set['athlete_id']]['trained'] ?? '9', $set['trained_on']);
        if ($isStrict($set)) {
            $first[$set['athlete_id']]['strict'] = min($first[$set['athlete_id']]['strict'] ?? '9', $set['trained_on']);
        }
    }
    $got = array_filter($first, fn (array $f): bool => isset($f['strict']) && $f['strict'] > $f['trained']);
    expect(array_sum(array_map(fn (array $m): int => $m['got_there']['some'], $report['methods'])))->toBe(count($got));
});

it('shows, prints and pictures a report, by keyboard names and without a fault', function (): void {
    $page = Page::open(Instance::url(), 1280, 900)->signIn()->go('/reports?athlete='.REPORTED_ON)->see('Days trained')->see('Picture (SVG)');
    expect($page->accessibilityViolations())->toBe([]);
    $page->script(<<<'JS'
        window.kept = [];
        URL.createObjectURL = (file) => { window.kept.push(file); return 'blob:kept'; };
        HTMLAnchorElement.prototype.click = function () { window.keptName = this.download; };
        JS);
    $page->press('Picture (SVG)')->press('Picture (PNG)');
    Wait::until(fn (): bool => $page->script('return window.kept.length') === 2, 'No picture was made.');
    $page->script('Promise.all([kept[0].text(), createImageBitmap(kept[1]).then((b) => [b.width, b.height])]).then((r) => (window.read = r))');
    Wait::until(fn (): bool => is_array($page->script('return window.read')), 'The pictures cannot be read.');
    [$svg, $png] = $page->script('return window.read');
    $drawn = simplexml_load_string((string) $svg);
    expect($drawn)->not->toBeFalse()->and((string) $svg)->not->toContain('var(--')->and((string) $svg)->not->toContain('data-v-')
        ->and($png[0])->toBe(2 * (int) $drawn['width'])->and($png[1])->toBe(2 * (int) $drawn['height']);
    expect($page->printedPages())->toBeLessThanOrEqual(2);
    $page->press('Calls and methods')->see('By method')->see('fewer than 20')->press('Bands')->see('The most used stands first')
        ->press('A class')->see('Who came');
    expect($page->accessibilityViolations())->toBe([])->and($page->consoleErrors())->toBe([]);
});
