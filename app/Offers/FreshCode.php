<?php

declare(strict_types=1);

namespace App\Offers;

use Illuminate\Database\UniqueConstraintViolationException;
use PaperKite\Link\PlacementCode;
use Random\Engine\Secure;
use Random\Randomizer;

/** Writes a placement under a code that none has had before. */
final class FreshCode
{
    private const TRIES = 5;

    /**
     * @template T
     *
     * @param  callable(PlacementCode): T  $write
     * @return T
     */
    public function __invoke(callable $write): mixed
    {
        for ($try = 1; ; $try++) {
            try {
                return $write(PlacementCode::random(new Randomizer(new Secure)));
            } catch (UniqueConstraintViolationException $taken) {
                if ($try === self::TRIES) {
                    throw $taken;
                }
            }
        }
    }
}
