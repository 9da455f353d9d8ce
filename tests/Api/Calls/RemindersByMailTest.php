<?php

declare(strict_types=1);

use App\Actions\Calls\MailRemindersJob;
use App\Mail\RemindersMail;
use App\Models\Gym\RemindedBy;
use App\Models\Gym\Role;
use Illuminate\Support\Facades\Mail;

beforeEach(function (): void {
    Mail::fake();
    $this->choose = fn (string $when) => $this->putJson('/api/v1/me/reminders', ['reminders' => $when])->assertOk()->assertJsonPath('reminders', $when);
    /** Whom the hourly job mailed so far. */
    $this->mailed = function (string $now): int {
        $this->clock->set($now);
        app()->call([new MailRemindersJob, 'handle']);

        return Mail::sent(RemindersMail::class)->count();
    };
    addAthlete($this, name: 'Ada');
});

it('mails what is to be done, once a day, from seven in the morning where the gym is', function (): void {
    ($this->choose)('every-day');
    expect(($this->mailed)('2026-07-06T05:59:00Z'))->toBe(0) // 06:59 in London’s summer
        ->and(($this->mailed)('2026-07-06T06:05:00Z'))->toBe(1)
        ->and(($this->mailed)('2026-07-06T20:00:00Z'))->toBe(1)
        ->and(($this->mailed)('2026-07-07T06:05:00Z'))->toBe(2);
    Mail::assertSent(RemindersMail::class, function (RemindersMail $mail): bool {
        $text = $mail->render();

        return $mail->hasTo('coach@one.example') && str_contains($text, '- Screen: Ada') && str_contains($text, '/calls')
            && ! str_contains($text, 'call waits');
    });
});

it('mails on the days that were chosen, and else not', function (RemindedBy $by, int $monday, int $tuesday): void {
    ($this->choose)($by->value);
    expect(($this->mailed)('2026-07-06T09:00:00Z'))->toBe($monday)->and(($this->mailed)('2026-07-07T09:00:00Z'))->toBe($tuesday);
})->with([[RemindedBy::Never, 0, 0], [RemindedBy::Mondays, 1, 1], [RemindedBy::EveryDay, 1, 2]]);

it('says how many calls wait, and nothing of pain', function (): void {
    ($this->choose)('every-day');
    $exercise = exercise(addBar($this), addBand($this));
    $ada = addAthlete($this, name: 'Bea');
    $this->putJson("/api/v1/athletes/$ada/setup", $exercise)->assertOk();
    $this->postJson("/api/v1/athletes/$ada/sets", set($this, $exercise, 5, pain: ['place' => 'elbow', 'level' => 6]))->assertCreated();
    followLog();
    ($this->mailed)('2026-03-03T09:00:00Z');

    Mail::assertSent(RemindersMail::class, fn (RemindersMail $mail): bool => str_contains($mail->render(), '1 call waits')
        && preg_match('/pain|elbow|refer|clinic/i', $mail->render()) === 0);
});

it('mails nobody who left, who may decide nothing, or where there is nothing to do', function (): void {
    [$assistant, $gone] = [colleague($this->coach, Role::Assistant), colleague($this->coach, Role::Coach, 'gone@one.example')];
    $assistant->update(['reminders' => RemindedBy::EveryDay]);
    $gone->update(['reminders' => RemindedBy::EveryDay, 'left_at' => $this->clock->now()]);
    $others = $this->makeCoach('coach@two.example');
    $others->update(['reminders' => RemindedBy::EveryDay]); // of an empty gym

    expect(($this->mailed)('2026-07-06T09:00:00Z'))->toBe(0);
    $this->putJson('/api/v1/me/reminders', ['reminders' => 'hourly'])->assertStatus(422);
});
