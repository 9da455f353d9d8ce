<?php

declare(strict_types=1);

namespace App\Devices;

/**
 * A letter of plain text, as it came.
 */
final readonly class Letter
{
    private function __construct(public string $to, public string $subject, public string $sentAt, public string $text)
    {
    }

    /** Of its text as RFC 5322 and MIME have it, in one part. */
    public static function read(string $message): self
    {
        [$head, $body] = [...explode("\r\n\r\n", $message, 2), ''];
        $headers = iconv_mime_decode_headers($head, ICONV_MIME_DECODE_CONTINUE_ON_ERROR, 'UTF-8') ?: [];
        $text = static fn (string $name): string => is_string($headers[$name] ?? null) ? $headers[$name] : '';

        return new self(
            to: $text('To'),
            subject: $text('Subject'),
            sentAt: (new \DateTimeImmutable($text('Date') ?: '@0'))->format(DATE_ATOM),
            text: str_replace("\r\n", "\n", match (strtolower($text('Content-Transfer-Encoding'))) {
                'quoted-printable' => quoted_printable_decode($body),
                'base64' => (string) base64_decode($body, true),
                default => $body,
            }),
        );
    }
}
