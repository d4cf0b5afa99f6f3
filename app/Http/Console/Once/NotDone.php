<?php

declare(strict_types=1);

namespace App\Http\Console\Once;

use RuntimeException;
use Symfony\Component\HttpFoundation\Response;

/** An act that was refused or failed: whatever it wrote is taken back. */
final class NotDone extends RuntimeException
{
    public function __construct(public readonly Response $answer)
    {
        parent::__construct('The act was not done.');
    }
}
