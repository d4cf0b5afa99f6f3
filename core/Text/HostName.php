<?php

declare(strict_types=1);

namespace PaperKite\Text;

/**
 * The name of a host, without scheme and port.
 *
 * @see https://www.rfc-editor.org/rfc/rfc1123 2.1: labels of letters, digits and hyphens, 63 at most; the last is never a number, which would be an address
 */
final readonly class HostName
{
    private const FORM = '/\A(?=.{1,190}\z)(?:[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?\.)+[a-z](?:[a-z0-9-]{0,61}[a-z0-9])?\z/';

    private function __construct(public string $text) {}

    /** @throws InvalidName */
    public static function of(string $text): self
    {
        $text = strtolower(trim($text, ' .'));

        return preg_match(self::FORM, $text) === 1 ? new self($text) : throw InvalidName::host($text);
    }

    /** Whether it is one label and what follows it is the suffix: `fern.shops.example` below `shops.example`. */
    public function isRightBelow(string $suffix): bool
    {
        return substr($this->text, (int) strpos($this->text, '.') + 1) === $suffix;
    }
}
