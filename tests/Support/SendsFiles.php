<?php

declare(strict_types=1);

namespace Tests\Support;

use GuzzleHttp\Exception\ConnectException;
use GuzzleHttp\Exception\RequestException;
use PaperKite\Download\FileSize;
use Psr\Http\Message\ResponseInterface;
use RuntimeException;

/** Sends a file to the running servers as the console does: part by part, and on from where it broke off. */
trait SendsFiles
{
    use AsksConsole;

    private const MOST_FAILURES = 200;

    /**
     * @param  string  $path  of the file
     * @param  callable(int): void  $before  each part, with where it begins
     * @return array<string, mixed> the upload, whole
     */
    private function sendFile(string $path, string $name, callable $before): array
    {
        $bytes = (int) filesize($path);
        $upload = $this->read($this->ask('POST', 'uploads', ['name' => $name, 'bytes' => $bytes])->wait());
        $id = self::number($upload, 'id');
        for ($failures = 0; self::number($upload, 'next_part') > 0;) {
            $offset = self::number($upload, 'received');
            $before($offset);
            $answer = $this->sendPart($id, $offset, (string) file_get_contents($path, offset: $offset, length: max(0, self::number($upload, 'next_part'))));
            if ($answer?->getStatusCode() === 200) {
                $upload = $this->read($answer);

                continue;
            }
            if (++$failures > self::MOST_FAILURES) {
                throw new RuntimeException('The file does not come: '.$answer?->getBody());
            }
            usleep(100_000);
            $upload = $this->stateOf($id) ?? $upload;
        }

        return $upload;
    }

    private function sendPart(int $id, int $offset, string $bytes): ?ResponseInterface
    {
        try {
            $answer = $this->ask('PUT', "uploads/{$id}", null, ['Upload-Offset' => (string) $offset, 'Content-Digest' => 'sha-256=:'.base64_encode(hash('sha256', $bytes, true)).':', 'Content-Type' => 'application/octet-stream'], $bytes)->wait();

            return $answer instanceof ResponseInterface ? $answer : null;
        } catch (ConnectException|RequestException) {
            return null;
        }
    }

    /** @return array<string, mixed>|null `null` while nobody answers */
    private function stateOf(int $id): ?array
    {
        try {
            $answer = $this->ask('GET', "uploads/{$id}")->wait();

            return $answer instanceof ResponseInterface && $answer->getStatusCode() === 200 ? $this->read($answer) : null;
        } catch (ConnectException|RequestException) {
            return null;
        }
    }

    /** A file of that many bytes that can't be packed. */
    private static function madeFile(int $bytes): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'kite-file');
        $out = fopen($path, 'wb') ?: throw new RuntimeException('No file could be made.');
        for ($left = $bytes; $left > 0; $left -= FileSize::PART) {
            fwrite($out, random_bytes(max(1, min(FileSize::PART, $left))));
        }
        fclose($out);

        return $path;
    }

    /** @param  array<string, mixed>  $of */
    private static function number(array $of, string $key): int
    {
        return is_int($of[$key] ?? null) ? $of[$key] : throw new RuntimeException("It has no {$key}.");
    }
}
