<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Pagination\LengthAwarePaginator;

/**
 * A page of a list of which more is there than was counted.
 *
 * @template M of Model
 *
 * @extends LengthAwarePaginator<int, M>
 */
final class FoundMore extends LengthAwarePaginator {}
