<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

use App\Changes\Editing;
use App\Models\Person;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

final class ReadEditing
{
    /** @throws ValidationException where the form says no version in a way that is none */
    public static function of(Request $request): Editing
    {
        $person = $request->user();
        $version = $request->input('version');
        if ($version !== null && ! is_int($version)) {
            throw ValidationException::withMessages(['version' => 'What this form began with can’t be read; load the page again.']);
        }

        return new Editing($person instanceof Person ? $person : null, $version);
    }
}
