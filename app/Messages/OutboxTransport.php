<?php

declare(strict_types=1);

namespace App\Messages;

use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;

/** Lays each message into the folder of the outbox stand-in, one file a Message-ID. */
final class OutboxTransport extends AbstractTransport
{
    public function __construct(private readonly string $folder)
    {
        parent::__construct();
    }

    public function __toString(): string
    {
        return 'outbox://';
    }

    protected function doSend(SentMessage $message): void
    {
        $name = preg_replace('/[^A-Za-z0-9-]+/', '-', strtok($message->getMessageId(), '@') ?: 'message');
        if (! is_dir($this->folder)) {
            mkdir($this->folder, 0o755, true);
        }
        $unfinished = "{$this->folder}/.{$name}.".bin2hex(random_bytes(4));
        file_put_contents($unfinished, $message->toString());
        chmod($unfinished, 0o644);
        rename($unfinished, "{$this->folder}/{$name}.eml");
    }
}
