<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Input;
use Illuminate\Foundation\Http\FormRequest;

/** What was copied, by its digest. */
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
