<?php

declare(strict_types=1);

use App\Context\Scripts\WebhookSignature;

// The example of the Standard Webhooks specification 1.0 and of its reference libraries.
it('signs as the specification of Standard Webhooks does', function (): void {
    expect(WebhookSignature::headers(
        'whsec_MfKQ9r8GKYqrTwjUPD8ILPZIo2LaLaSw',
        'msg_p5jXN8AQM9LWM0D4loKWxJek',
        1614265330,
        '{"test": 2432232314}',
    ))->toBe([
        'webhook-id' => 'msg_p5jXN8AQM9LWM0D4loKWxJek',
        'webhook-timestamp' => '1614265330',
        'webhook-signature' => 'v1,g0hM9SsE+OTPJTGt/tmIKtSyZlE3uFJELVlNIOLJ1OE=',
    ]);
});
