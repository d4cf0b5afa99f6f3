<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use PaperKite\Refusal;

/** Asks the core whether a text can be read, and says its sentence where it can't. */
final class CoreRule implements ValidationRule
{
    /** Blank text is asked about as well: the core says what is missing. */
    public bool $implicit = true;

    /** @param  Closure(string): mixed  $read throws a Refusal for what it does not take */
    public function __construct(private readonly Closure $read) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value)) {
            return;
        }
        try {
            ($this->read)($value);
        } catch (Refusal $refusal) {
            $fail($refusal->getMessage());
        }
    }
}
