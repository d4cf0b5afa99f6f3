<?php

declare(strict_types=1);

namespace PaperKite\Text;

/** What names something in an address: small letters, digits and single hyphens. */
final readonly class Slug
{
    /** What the console serves itself, or will: no shop is called like that. */
    private const RESERVED = ['account', 'api', 'assets', 'build', 'drawings', 'embed', 'favicon', 'help', 'invitation', 'mood', 'password', 'pictures', 'preview', 'read', 'set-up', 'sign-in', 'sign-out'];

    private function __construct(public string $text) {}

    /** @throws InvalidName */
    public static function of(string $text): self
    {
        $text = strtolower(trim($text, ' '));

        return preg_match('/\A(?=.{2,40}\z)[a-z0-9]+(?:-[a-z0-9]+)*\z/', $text) === 1 ? new self($text) : throw InvalidName::slug($text);
    }

    /** What a name reads as in an address; `null` where nothing of it can be written there. */
    public static function proposedFor(string $name): ?self
    {
        $latin = transliterator_transliterate('Any-Latin; Latin-ASCII; Lower()', $name);
        $slug = trim(substr((string) preg_replace('/[^a-z0-9]+/', '-', is_string($latin) ? $latin : ''), 0, 40), '-');

        return strlen($slug) < 2 || in_array($slug, self::RESERVED, true) ? null : new self($slug);
    }

    /** @throws InvalidName */
    public static function ofShop(string $text): self
    {
        $slug = self::of($text);

        return in_array($slug->text, self::RESERVED, true) ? throw InvalidName::slug($slug->text) : $slug;
    }
}
