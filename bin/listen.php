<?php

declare(strict_types=1);

use App\Context\Scripts\WebhookSignature;

require __DIR__.'/../vendor/autoload.php';

// A receiver of webhooks to try them with: says of each whether its signature is right. WEBHOOK_SECRET is the one that the page shows.
[$id, $at, $signed] = array_map(
    static fn (string $name): string => (string) ($_SERVER["HTTP_WEBHOOK_$name"] ?? ''),
    ['ID', 'TIMESTAMP', 'SIGNATURE'],
);
$body = (string) file_get_contents('php://input');
$expected = WebhookSignature::headers((string) getenv('WEBHOOK_SECRET'), $id, (int) $at, $body)['webhook-signature'];
$isOurs = hash_equals($expected, $signed) && abs(time() - (int) $at) < 300;
http_response_code($isOurs ? 204 : 401);
file_put_contents('php://stdout', ($isOurs ? 'signed ' : 'REFUSED ')."$id $body\n");
