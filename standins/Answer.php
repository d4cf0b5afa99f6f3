<?php

declare(strict_types=1);

namespace Standins;

final readonly class Answer
{
    private function __construct(
        private int $status,
        private string $type,
        private string $body,
        private ?string $location = null,
        /** @var array<string, string> */
        private array $headers = [],
    ) {}

    public static function page(string $html, int $status = 200): self
    {
        return new self($status, 'text/html; charset=utf-8', $html);
    }

    public static function script(string $script): self
    {
        return new self(200, 'text/javascript; charset=utf-8', $script);
    }

    public function with(string $header, string $value): self
    {
        return new self($this->status, $this->type, $this->body, $this->location, [...$this->headers, $header => $value]);
    }

    public static function goOnTo(string $address): self
    {
        return new self(303, 'text/html; charset=utf-8', '', $address);
    }

    /** @param  array<string, mixed>  $data */
    public static function json(array $data, int $status = 200): self
    {
        return new self($status, 'application/json', json_encode($data, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
    }

    /** No answer at all, as far as a program behind a web server can. */
    public static function hangUp(): self
    {
        return new self(444, 'text/plain', '');
    }

    public function send(): void
    {
        http_response_code($this->status);
        header("Content-Type: {$this->type}");
        header('Cache-Control: no-store');
        foreach ($this->headers as $name => $value) {
            header("{$name}: {$value}");
        }
        if ($this->location !== null) {
            header("Location: {$this->location}");
        }
        echo $this->body;
    }
}
