<?php

declare(strict_types=1);

use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;

const TRAINED_BY_BEA = '/people/01900000-0000-7000-8000-000000000110';

it('takes somebody in by an invitation, from the letter to their first set, and lets them decide nothing', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    $email = 'bea-'.substr(uuid(), -6).'@hollowbrook.example';
    try {
        $page->signIn()->go('/staff')->fill('Name', 'Bea Assistant')->fill('Email', $email)->press('Assistant', "//*[@aria-label='As']");
        $page->press('Send the invitation')->see('Bea Assistant is invited.');
        expect($page->accessibilityViolations())->toBe([]);
        $letter = fn (): ?string => $page->script(
            "return [...document.querySelectorAll('main li')].find((e) => e.textContent.includes('$email'))?.querySelector('pre').textContent",
        );
        $page->go('/mailbox')->see('Mailbox');
        $found = null;
        Tests\Browser\Support\Wait::until(function () use ($page, $letter, &$found): bool {
            $found = $letter() ?? $page->visit('/mailbox')->see('Mailbox')->script('return null');

            return is_string($found);
        }, 'No letter came.');
        expect($found)->toContain('an assistant');
        preg_match('~http\S+(/password#\S+)~', (string) $found, $link);

        $page->forget()->visit($link[1])->see('Welcome to Hollowbrook Mill');
        expect($page->accessibilityViolations())->toBe([]);
        $page->fill('Password', 'chalk on the hands')->press('Choose and sign in')->see('Sign out');
        tapCount($page->go(TRAINED_BY_BEA)->see('Kerensa'), 8)->see('Logged 8 clean')->dontSee('Otherwise…');
        $page->go('/calls')->see('Calls')->dontSee('Accept')->go('/staff')->see('Not for your role');
        $page->go('/settings')->see('Where you are signed in')->dontSee('Export the gym');
        $page->visit($link[1])->see('has ended');
        $errors = array_filter($page->consoleErrors(), fn (string $line): bool => ! str_contains($line, '410'));
        expect(array_values($errors))->toBe([]);
    } finally {
        $page->forget()->close(); // the next test is nobody's assistant
    }
});
