<?php

declare(strict_types=1);

namespace PaperKite;

use Throwable;

/** What the core throws when it refuses something a person entered; the message is a sentence for that person. */
interface Refusal extends Throwable {}
