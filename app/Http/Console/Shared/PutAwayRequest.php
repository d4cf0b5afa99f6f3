<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

use App\Time\Clock;
use Carbon\CarbonInterface;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PutAwayEntry', required: ['is_away'], properties: [
    new OA\Property(property: 'is_away', description: 'Whether it is put away or brought back.', type: 'boolean'),
])]
final class PutAwayRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['is_away' => ['required', 'boolean']];
    }

    /** Since when it is put away; `null` where it is brought back. */
    public function since(Clock $clock): ?CarbonInterface
    {
        return $this->boolean('is_away') ? $clock->now() : null;
    }
}
