<?php

declare(strict_types=1);

namespace App\Operator;

use Illuminate\Mail\Mailer;
use Illuminate\Mail\Message;
use Psr\Log\LoggerInterface;
use Throwable;

/** Tells who runs the installation what only they can mend: in the log, and by mail where an address is configured. */
final readonly class TellOperator
{
    public function __construct(
        private LoggerInterface $log,
        private Mailer $mailer,
        private ?string $address,
    ) {}

    public function __invoke(string $sentence): void
    {
        $this->log->critical($sentence);
        if ($this->address === null) {
            return;
        }
        $address = $this->address;
        try {
            $this->mailer->raw($sentence, static function (Message $mail) use ($address): void {
                $mail->to($address)->from($address, 'Paper Kite')->subject('Paper Kite needs its operator');
            });
        } catch (Throwable $failure) {
            $this->log->error('The operator could not be told by mail.', ['exception' => $failure]);
        }
    }
}
