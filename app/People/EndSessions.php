<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Person;
use App\Text\Secrets;

/** Ends every session of a person, on whatever machine it began: each is over with its next request. */
final readonly class EndSessions
{
    /** @return string the key with which a session goes on */
    public function __invoke(Person $person): string
    {
        $key = Secrets::token();
        $person->update(['session_key' => $key]);

        return $key;
    }
}
