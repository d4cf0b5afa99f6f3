<?php

declare(strict_types=1);

namespace App\GiftCards;

use RuntimeException;

/** So many codes were tried that no other is looked up for a while. */
final class TooManyTries extends RuntimeException {}
