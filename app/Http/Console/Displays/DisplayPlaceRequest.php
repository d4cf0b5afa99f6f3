<?php

declare(strict_types=1);

namespace App\Http\Console\Displays;

use App\Http\Console\Shared\CoreRule;
use App\Http\Input;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use PaperKite\Text\Line;

/** What a seller says of a place where several ways to buy stand together. */
#[OA\Schema(schema: 'DisplayPlaceEntry', required: ['page'], properties: [
    new OA\Property(property: 'page', description: 'What the seller calls the place.', type: 'string'),
    new OA\Property(property: 'is_paused', type: 'boolean'),
])]
final class DisplayPlaceRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'page' => ['present', 'string', new CoreRule(static fn (string $text): string => self::line($text))],
            'is_paused' => ['boolean'],
        ];
    }

    public function page(): string
    {
        return self::line(Input::text($this, 'page'));
    }

    private static function line(string $text): string
    {
        return Line::of($text, 'The name of the place', 120)->text;
    }
}
