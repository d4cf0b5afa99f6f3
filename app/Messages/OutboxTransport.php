<?php

declare(strict_types=1);

namespace App\Messages;

use App\Files\WholeFile;
use Symfony\Component\Mailer\Exception\TransportException;
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
        WholeFile::write("{$this->folder}/{$name}.eml", $message->toString()) || throw new TransportException('The outbox has no room for a message.');
    }
}
