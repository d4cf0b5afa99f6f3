<?php

declare(strict_types=1);

namespace App\Queue;

/** Whether this release can read what lies in the queue. */
final class ReadableJob
{
    /** @param  string  $body  as the queue keeps it */
    public static function is(string $body): bool
    {
        $payload = json_decode($body, true);
        $data = is_array($payload) ? ($payload['data'] ?? null) : null;
        $class = is_array($data) ? ($data['commandName'] ?? null) : null;
        $command = is_array($data) ? ($data['command'] ?? null) : null;

        return is_array($payload) && is_string($payload['job'] ?? null) && is_string($class) && class_exists($class)
            && is_string($command) && @unserialize($command, ['allowed_classes' => true]) instanceof $class;
    }
}
