<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

use PaperKite\Text\InvalidLine;
use PaperKite\Text\Line;
use Symfony\Component\Intl\Countries;

/** The checkout's fields as a shopper typed them: read all at once, so that every wrong field is told in one answer. */
final readonly class DetailsEntry
{
    /** RFC 5321, 4.5.3.1.3: a path holds 256 octets, two of which are its angle brackets. */
    private const LONGEST_EMAIL = 254;

    private const FIELDS = [
        'email' => ['The e-mail address', self::LONGEST_EMAIL],
        'name' => ['The name', 120],
        'street' => ['The street and number', 160],
        'postcode' => ['The postcode', 16],
        'town' => ['The town', 100],
        'country' => ['The country', 2],
    ];

    /** @var array<string, string> a sentence by field */
    public array $errors;

    public ?ShopperDetails $details;

    /** @param  array{email: string, name: string, street: string, postcode: string, town: string, country: string}  $typed */
    public function __construct(public array $typed)
    {
        $errors = [];
        $lines = $typed;
        foreach (self::FIELDS as $field => [$what, $max]) {
            try {
                $lines[$field] = self::isBlankPostcode($field, $typed[$field]) ? '' : Line::of($typed[$field], $what, $max)->text;
            } catch (InvalidLine $invalid) {
                $errors[$field] = $invalid->getMessage();
            }
        }
        if (! isset($errors['email']) && filter_var($lines['email'], FILTER_VALIDATE_EMAIL, FILTER_FLAG_EMAIL_UNICODE) === false) {
            $errors['email'] = 'This is not an e-mail address yet; it looks like name@host.example.';
        }
        if (! isset($errors['country']) && ! Countries::exists($lines['country'])) {
            $errors['country'] = 'Pick the country from the list.';
        }
        $this->errors = $errors;
        $this->details = $errors === [] ? new ShopperDetails($lines['email'], $lines['name'], $lines['street'], $lines['postcode'], $lines['town'], $lines['country']) : null;
    }

    private static function isBlankPostcode(string $field, string $typed): bool
    {
        return $field === 'postcode' && trim($typed, ' ') === '';
    }
}
