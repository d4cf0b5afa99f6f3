<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use PaperKite\Text\Line;

#[OA\Schema(schema: 'PlacementEntry', required: ['page'], properties: [
    new OA\Property(property: 'page', description: 'What the seller calls the page.', type: 'string'),
])]
final class PlacementRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['page' => ['present', 'string', new CoreRule(fn (string $text) => $this->read($text))]];
    }

    public function page(): string
    {
        return $this->read($this->string('page')->toString());
    }

    private function read(string $text): string
    {
        return Line::of($text, 'The name of the page', 120)->text;
    }
}
