<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Input;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

/** What was copied, by its digest. */
#[OA\Schema(schema: 'CopiedEntry', required: ['digest'], properties: [
    new OA\Property(property: 'digest', description: 'SHA-256 of what was copied, in hexadecimal digits.', type: 'string'),
])]
final class CopiedRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['digest' => ['required', 'string', 'regex:/\A[0-9a-f]{64}\z/']];
    }

    public function digest(): string
    {
        return Input::text($this, 'digest');
    }
}
