<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Shop;
use App\Offers\RecheckCopies;
use Illuminate\Console\Command;
use Illuminate\Support\Collection;

/** A sale that begins or ends changes what copies should say, without anybody saving anything. */
final class CopiesRecheck extends Command
{
    protected $signature = 'copies:recheck';

    protected $description = 'Mark the copies that no longer say what their offers say';

    public function handle(RecheckCopies $recheck): int
    {
        Shop::query()->chunkById(50, /** @param  Collection<int, Shop>  $shops */ static function (Collection $shops) use ($recheck): void {
            foreach ($shops as $shop) {
                $recheck->ofShop($shop);
            }
        });

        return self::SUCCESS;
    }
}
