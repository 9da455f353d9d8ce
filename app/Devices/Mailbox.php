<?php

declare(strict_types=1);

namespace App\Devices;

use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;

/**
 * A mail server's stand-in: letters are kept as files (RFC 5322), the latest of them, and can be read.
 */
final class Mailbox extends AbstractTransport
{
    private const MOST = 200;

    public function __construct(private readonly string $folder)
    {
        parent::__construct();
    }

    /** @return list<Letter> the latest first */
    public function letters(int $most): array
    {
        return array_map(
            static fn (string $file): Letter => Letter::read((string) file_get_contents($file)),
            array_slice(array_reverse($this->files()), 0, $most),
        );
    }

    protected function doSend(SentMessage $message): void
    {
        is_dir($this->folder) || mkdir($this->folder, 0700, true);
        [$second, $fraction] = [time(), hrtime(true)];
        file_put_contents(sprintf('%s/%010d-%020d.eml', $this->folder, $second, $fraction), $message->toString());
        array_map(unlink(...), array_slice($this->files(), 0, -self::MOST));
    }

    /** @return list<string> the oldest first */
    private function files(): array
    {
        return glob("$this->folder/*.eml") ?: [];
    }

    public function __toString(): string
    {
        return 'mailbox://'.$this->folder;
    }
}
