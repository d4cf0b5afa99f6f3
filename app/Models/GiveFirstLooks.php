<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\LookValues;
use App\Time\Clock;
use Illuminate\Support\Facades\DB;
use PaperKite\Look\Look;
use PaperKite\Look\ShippedLooks;

/** Every shop begins with the looks that ship. */
final readonly class GiveFirstLooks
{
    public function __construct(private Clock $clock) {}

    public function to(int $shopId): void
    {
        $looks = ShippedLooks::all();
        $now = $this->clock->now();
        DB::table('looks')->insert(array_map(static fn (string $name, Look $look): array => [
            'shop_id' => $shopId, 'name' => $name, 'values' => LookValues::json($look), 'created_at' => $now, 'updated_at' => $now,
        ], array_keys($looks), $looks));
    }
}
