<?php

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';

// Eris draws its samples from a seed that it prints when a law fails; a fixed one makes every run the same.
putenv('ERIS_SEED='.(getenv('ERIS_SEED') ?: '20260420'));
