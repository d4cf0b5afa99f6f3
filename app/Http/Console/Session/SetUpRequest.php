<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use App\Http\Console\Shared\CoreRule;
use App\Shops\ShopNames;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use PaperKite\Money\Iso4217;
use PaperKite\People\Password;
use PaperKite\Text\EmailAddress;
use PaperKite\Text\Line;
use Symfony\Component\Intl\Countries;

#[OA\Schema(schema: 'SetUpEntry', required: ['word', 'name', 'email', 'password', 'shop', 'host', 'country', 'currency'], properties: [
    new OA\Property(property: 'word', description: 'As “php artisan install:word” printed it.', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'password', type: 'string'),
    new OA\Property(property: 'shop', description: 'Its name.', type: 'string'),
    new OA\Property(property: 'host', type: 'string'),
    new OA\Property(property: 'country', description: 'ISO 3166-1 alpha-2.', type: 'string'),
    new OA\Property(property: 'currency', description: 'ISO 4217.', type: 'string'),
])]
final class SetUpRequest extends FormRequest
{
    public const LONGEST_NAME = 120;

    private const COUNTRY = 'Choose the country from the list.';

    private const CURRENCY = 'Choose the currency from the list.';

    /** @return array<string, mixed> */
    public function rules(ShopNames $names): array
    {
        return [
            'word' => ['required', 'string', 'max:100'],
            'name' => ['present', 'string', new CoreRule(static fn (string $text) => Line::of($text, 'Your name', self::LONGEST_NAME))],
            'email' => ['present', 'string', 'max:254', new CoreRule(static fn (string $text) => EmailAddress::of($text))],
            'password' => ['present', 'string', new CoreRule(static fn (string $text) => Password::of($text))],
            'shop' => ['present', 'string', new CoreRule(static fn (string $text) => Line::of($text, 'The shop’s name', self::LONGEST_NAME))],
            'host' => ['required', 'string', new CoreRule(static fn (string $text) => $names->host(null, $text, isOperator: true))],
            'country' => ['required', 'string', static fn (string $at, mixed $value, callable $fail) => is_string($value) && Countries::exists($value) ? null : $fail(self::COUNTRY)],
            'currency' => ['required', 'string', static fn (string $at, mixed $value, callable $fail) => is_string($value) && in_array($value, Iso4217::codes(), true) ? null : $fail(self::CURRENCY)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['word.required' => 'The set-up word is missing; it stands in the terminal in which Paper Kite was started.', 'host.required' => 'The web address is missing; write one like shop.example.', 'country.required' => self::COUNTRY, 'currency.required' => self::CURRENCY];
    }
}
