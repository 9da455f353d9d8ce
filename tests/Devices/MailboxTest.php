<?php

declare(strict_types=1);

use App\Devices\Mailbox;
use Symfony\Component\Mailer\Mailer;
use Symfony\Component\Mime\Email;

it('keeps the letters that are sent, and reads them as they were written', function (): void {
    $folder = sys_get_temp_dir().'/steady-mailbox-'.bin2hex(random_bytes(4));
    $mailer = new Mailer($mailbox = new Mailbox($folder));
    $text = "Ça va?\n\nhttp://127.0.0.1:8080/password#".str_repeat('aB-_=3D', 20)."\n";
    foreach (['First', 'Zweite für Ødd'] as $subject) {
        $mailer->send((new Email)->from('gym@one.example')->to('Bea <bea@one.example>')->subject($subject)->text($text));
    }
    [$second, $first] = $mailbox->letters(5);

    expect($first->subject)->toBe('First')->and($second->subject)->toBe('Zweite für Ødd')
        ->and($second->to)->toBe('Bea <bea@one.example>')->and($second->text)->toBe($text)
        ->and($mailbox->letters(1))->toHaveCount(1)
        ->and(fileperms($folder) & 0077)->toBe(0);
    array_map(unlink(...), glob("$folder/*") ?: []);
    rmdir($folder);
});
