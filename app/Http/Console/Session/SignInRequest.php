<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SignInEntry', required: ['email', 'password'], properties: [
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'password', type: 'string'),
    new OA\Property(property: 'code', description: 'Of the second factor, or a recovery code; left out until it is asked for.', type: 'string'),
])]
final class SignInRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:254'], 'password' => ['required', 'string', 'max:1000'], 'code' => ['sometimes', 'string', 'max:100']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email.required' => 'The e-mail address is missing.',
            'password.required' => 'The password is missing.',
        ];
    }
}
