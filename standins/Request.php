<?php

declare(strict_types=1);

namespace Standins;

/** The request that a stand-in answers, read from PHP's globals in one place. */
final readonly class Request
{
    /**
     * @param  array<string, string>  $headers  by lower-case name
     * @param  array<string, string>  $form
     */
    private function __construct(
        public string $method,
        public string $path,
        public array $headers,
        public array $form,
        /** @var array<string, string> */
        public array $query,
        /** In lower case, without its port. */
        public string $host,
    ) {}

    public static function fromGlobals(): self
    {
        return new self(
            self::server('REQUEST_METHOD'),
            (string) parse_url(self::server('REQUEST_URI'), PHP_URL_PATH),
            array_change_key_case(self::texts((array) getallheaders())),
            self::texts($_POST),
            self::texts($_GET),
            strtolower((string) preg_replace('/:\d+\z/', '', self::server('HTTP_HOST'))),
        );
    }

    public function body(): string
    {
        return (string) file_get_contents('php://input');
    }

    private static function server(string $name): string
    {
        $value = $_SERVER[$name] ?? '';

        return is_string($value) ? $value : '';
    }

    /**
     * @param  array<mixed>  $values
     * @return array<string, string>
     */
    private static function texts(array $values): array
    {
        $texts = [];
        foreach ($values as $name => $value) {
            if (is_string($value)) {
                $texts[(string) $name] = $value;
            }
        }

        return $texts;
    }
}
